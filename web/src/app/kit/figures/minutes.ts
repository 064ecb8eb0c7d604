const SECONDS_PER_MINUTE = 60;

/** A time as it is said: "25 min", "1 h 10 min", "24 to 28 min". */
export function showMinutes(min: number, max = min): string {
  if (max > min) return `${Math.round(min)} to ${Math.round(max)} min`;
  const [hours, minutes] = [Math.floor(min / 60), Math.round(min % 60)];
  if (hours === 0) return min < 1 ? 'under a minute' : `${minutes} min`;
  return minutes === 0 ? `${hours} h` : `${hours} h ${minutes} min`;
}

/** What is left of a time, as a clock shows it: "4:05", "1:02:30", "−0:12" once it is over. */
export function showClock(milliseconds: number): string {
  const whole = Math.round(milliseconds / 1000);
  const seconds = Math.abs(whole);
  const [h, m, s] = [
    Math.floor(seconds / 3600),
    Math.floor(seconds / SECONDS_PER_MINUTE) % 60,
    seconds % SECONDS_PER_MINUTE,
  ];
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${whole < 0 ? '−' : ''}${h > 0 ? `${h}:${two(m)}` : m}:${two(s)}`;
}
