import { useEffect, useState } from 'react';

/**
 * The server's clock as it goes on: from its last answer by the page's own steady clock, so that a
 * clock set wrong, or set anew, moves no timer.
 *
 * @param answered the server's moment in its last answer
 * @param ticking whether to look again each second
 */
export function useNow(answered: string, ticking: boolean): number {
  const [now, setNow] = useState(() => Date.parse(answered));
  const [seen, setSeen] = useState(answered);
  if (seen !== answered) {
    // at once: a moment from before the answer would be painted as a wrong time
    setSeen(answered);
    setNow(Date.parse(answered));
  }
  useEffect(() => {
    const server = Date.parse(answered);
    const at = performance.now();
    const look = () => setNow(server + performance.now() - at);
    look();
    if (!ticking) {
      return;
    }
    const timer = setInterval(look, 500);
    return () => clearInterval(timer);
  }, [answered, ticking]);
  return now;
}
