/** "1 step", "2 steps". */
export function counted(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}

/** "fog lamp" as "fog lamps"; what is called in the plural already stays as it is. */
export function severalOf(name: string): string {
  return name.endsWith('s') ? name : `${name}s`;
}
