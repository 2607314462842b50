import { TeacherWord } from "./TeacherWord";

interface Props {
  /** What the page is, for those who hear it. */
  /** Left out where the page has its heading already. */
  heading?: string;
  text: string;
}

/** An empty page that says what to do first. */
export function FirstStep({ heading, text }: Props) {
  return (
    <div className="text-soft py-24 text-center text-base">
      {heading && <h1 className="sr-only">{heading}</h1>}
      <div className="mx-auto w-fit">
        <TeacherWord />
      </div>
      {text}
    </div>
  );
}
