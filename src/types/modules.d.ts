declare module 'snowball-stemmers' {
  export interface Stemmer {
    stem(word: string): string;
  }
  const snowball: { newStemmer(algorithm: string): Stemmer };
  export default snowball;
}
declare module 'pdfjs-dist/build/pdf.worker.mjs';
declare module '*.css';
