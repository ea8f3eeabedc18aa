import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { root } from './lib.mjs';

/**
 * All text that a keeper can see, in the order of the sources: what screens, dialogs, errors, findings and files say. Slots of
 * sentences are shown as {…}.
 */
const FOLDERS = [
  'src/app',
  'src/features',
  'src/ui',
  'src/words',
  'src/session',
  'src/workers',
  'src/store',
  'src/cli',
  'src/core/commands',
  'src/core/events',
  'src/core/formats',
  'src/core/gate',
  'src/core/kernel',
  'src/core/model',
  'src/core/records',
];
const UNSEEN_ATTRIBUTES =
  /^(className|wrap|href|id|type|key|role|name|htmlFor|viewBox|d|fill|stroke|style|preserveAspectRatio|data-.*|aria-(hidden|live|invalid|expanded|pressed|controls|current|describedby|labelledby|haspopup)|inputMode|autoComplete|accept|tone|as|side|align|rel|target|method|points|transform|textAnchor)$/;
const CLASSES =
  /(^|\s)(flex|grid|fig|sr-only|no-print|border|text-|bg-|px-|py-|min-|max-|w-|h-|rounded|size-|mt-|mb-|gap-|items-|ml-|mr-|hover:|md:|lg:)/;

const files = (folder) =>
  readdirSync(folder, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return files(path);
      return /\.tsx?$/.test(entry.name) && !/\.test\.|\.d\.ts/.test(entry.name) ? [path] : [];
    });

const isWords = (text) => /[A-Za-z]{2}/.test(text) && !CLASSES.test(text) && !/^[@./#]/.test(text);
/** A literal that reads: several words, or one that begins like a sentence. */
const reads = (text) => isWords(text) && (/[A-Za-z] [A-Za-z]/.test(text) || /^[A-Z][a-z]+/.test(text));

const template = (node) =>
  node.head.text + node.templateSpans.map((span) => `{…}${span.literal.text}`).join('');

function textsOf(path) {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const found = [];
  const add = (text) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (plain !== '' && !found.includes(plain)) found.push(plain);
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxText(node)) {
      if (isWords(node.text)) add(node.text);
    } else if (ts.isJsxAttribute(node)) {
      if (UNSEEN_ATTRIBUTES.test(node.name.getText(source))) return;
      if (node.initializer && ts.isStringLiteral(node.initializer)) add(node.initializer.text);
    } else if (ts.isCallExpression(node) && node.expression.getText(source) === 'classes') return;
    else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (reads(node.text)) add(node.text);
    } else if (ts.isTemplateExpression(node) && reads(template(node))) add(template(node));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

export const textsPage = () =>
  FOLDERS.flatMap((folder) => files(join(root, folder)))
    .flatMap((path) => {
      const found = textsOf(path);
      return found.length === 0 ? [] : [`== ${relative(root, path)}`, ...found, ''];
    })
    .join('\n');

if (process.argv[1]?.endsWith('texts.mjs')) {
  if (process.argv.includes('--print')) process.stdout.write(textsPage());
  else writeFileSync(join(root, 'docs/texts.txt'), textsPage());
}
