import { TopBar } from '../app/TopBar';

/** A room that is built but not furnished: says what it will hold. */
export default function Coming({ title, words }: { title: string; words: string }) {
  return (
    <>
      <TopBar />
      <main className="sums">
        <h1>{title}</h1>
        <p className="empty">{words}</p>
      </main>
    </>
  );
}
