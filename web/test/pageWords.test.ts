import { expect, test } from "vitest";
// The parser of the types' generator: the compiler that checks the page has none to be called.
import ts from "../types/node_modules/typescript";

const sources = import.meta.glob<string>("../src/**/*.tsx", {
  query: "?raw",
  import: "default",
  eager: true,
});
/** Attributes that a painter reads or hears. */
const READ = ["label", "title", "alt", "placeholder", "aria-label", "words", "description"];
const NAME = "Washboard";
const LETTERS = /[A-Za-z]{2}/;

/** What a component says by itself: text, attributes that are read, strings with a space among them. */
function saidIn(file: string, source: string): string[] {
  const root = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found: string[] = [];
  const look = (node: ts.Node): void => {
    if (ts.isJsxText(node) && LETTERS.test(node.text)) found.push(node.text.trim());
    if (ts.isJsxAttribute(node) && READ.includes(node.name.getText()) && node.initializer)
      literal(node.initializer);
    if (ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent)) literal(node);
    node.forEachChild(look);
  };
  const literal = (node: ts.Node): void => {
    if (ts.isJsxExpression(node)) node.forEachChild(literal);
    else if (ts.isConditionalExpression(node)) [node.whenTrue, node.whenFalse].forEach(literal);
    else if (ts.isTemplateExpression(node)) {
      const text = [node.head, ...node.templateSpans.map((span) => span.literal)];
      found.push(...text.map(({ text }) => text).filter((words) => LETTERS.test(words)));
    } else if (ts.isStringLiteralLike(node) && LETTERS.test(node.text)) found.push(node.text);
  };
  look(root);
  return found.filter((words) => words !== NAME);
}

test.each(Object.entries(sources))(
  "%s says nothing that is not in the catalogue",
  (file, source) => {
    expect(saidIn(file, source)).toEqual([]);
  },
);

test("a component that says something by itself is found", () => {
  const said = [
    "<p>Masked whites</p>",
    '<p title="Masked whites" />',
    '<p>{count} {count > 1 ? "whites" : "a white"}</p>',
    // biome-ignore lint/suspicious/noTemplateCurlyInString: the text of a component
    "<p alt={`Masked ${count}`} />",
  ];
  for (const text of said) expect(saidIn("a.tsx", `const a = ${text};`), text).not.toEqual([]);
});
