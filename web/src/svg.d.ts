/** Icons are bundled as text. */
declare module '*.svg' {
  const markup: string;
  export default markup;
}
