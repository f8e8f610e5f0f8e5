/** What is left of a timer: "4:59", "2 h 05", "3 d 4 h"; over: "+0:12". */
export function left(seconds: number): string {
  const whole = Math.ceil(Math.abs(seconds));
  const sign = seconds < 0 ? '+' : '';
  const two = (number: number) => String(number).padStart(2, '0');
  if (whole < 3600) {
    return `${sign}${Math.floor(whole / 60)}:${two(whole % 60)}`;
  }
  const minutes = Math.floor(whole / 60);
  if (minutes < 24 * 60) {
    return `${sign}${Math.floor(minutes / 60)} h ${two(minutes % 60)}`;
  }
  const hours = Math.floor(minutes / 60);
  return `${sign}${Math.floor(hours / 24)} d ${hours % 24} h`;
}
