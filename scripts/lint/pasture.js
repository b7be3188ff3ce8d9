/** Data that a person reads in columns: a table of figures or a map of words. */
const isData = (node) =>
  node?.type === 'ArrayExpression'
    ? node.elements.every(isData)
    : node?.type === 'ObjectExpression'
      ? node.properties.every((each) => each.type === 'Property' && isData(each.value))
      : node?.type === 'TSAsExpression' || node?.type === 'TSSatisfiesExpression'
        ? isData(node.expression)
        : node?.type === 'UnaryExpression'
          ? isData(node.argument)
          : node?.type === 'Literal' || node?.type === 'Identifier' || node?.type === 'CallExpression';

/** What a comment stands before: the smallest node that begins after it, widened while it begins there. */
const after = (source, comment) => {
  const token = source.getTokenAfter(comment);
  let node = token === null ? null : source.getNodeByRangeIndex(token.range[0]);
  while (node?.parent && node.parent.range[0] === node.range[0] && node.parent.type !== 'Program')
    node = node.parent;
  return node;
};

const valueOf = (node) => {
  if (node?.type === 'ExportNamedDeclaration') return valueOf(node.declaration);
  if (node?.type === 'VariableDeclaration') return node.declarations[0]?.init;
  return node?.type === 'Property' ? node.value : node;
};

/** The formatter may be switched off over data alone, and once a file. */
const formatterStaysOn = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      often: 'Switch the formatter off at most once a file.',
      code: 'Switch the formatter off over data only.',
    },
  },
  create(context) {
    const { sourceCode: source } = context;
    return {
      Program() {
        const off = source.getAllComments().filter(({ value }) => value.trim().startsWith('prettier-ignore'));
        for (const [at, comment] of off.entries()) {
          if (at > 0) context.report({ loc: comment.loc, messageId: 'often' });
          if (!isData(valueOf(after(source, comment))))
            context.report({ loc: comment.loc, messageId: 'code' });
        }
      },
    };
  },
};

const rule = (message, create) => ({
  meta: { type: 'problem', schema: [], messages: { no: message } },
  create: (context) => create((node) => context.report({ node, messageId: 'no' })),
});

const noEnum = rule('A union of strings needs no code.', (report) => ({ TSEnumDeclaration: report }));

const ORDER = /^[<>]=?$/;
const COMPARED = /^([<>]=?|[!=]==)$/;
const isYear = (node) => node.type === 'Literal' && /^20[0-9][0-9]$/.test(node.raw ?? '');
const isYearOf = (node) => node.type === 'MemberExpression' && node.property.name === 'year';

/** What differs between editions is a figure, section or certainty of the edition; nobody counts years. */
const noYears = rule('Ask the edition for what differs, not for its year.', (report) => ({
  BinaryExpression(node) {
    const sides = [node.left, node.right];
    if (ORDER.test(node.operator) && sides.some(isYearOf)) report(node);
    else if (COMPARED.test(node.operator) && sides.some(isYear)) report(node);
  },
}));

/** The machine's clock is read in one place; everything else is told the moment. */
const noClock = rule('Ask src/store/clock.ts.', (report) => ({
  CallExpression(node) {
    const { callee } = node;
    const isNow = callee.type === 'MemberExpression' && callee.property.name === 'now';
    if (isNow && callee.object.name === 'Date') report(node);
  },
  NewExpression(node) {
    if (node.callee.name === 'Date' && node.arguments.length === 0) report(node);
  },
}));

const TABLES = new Set(['tables', 'parameters', 'prices']);
/** Whether something is read of a table, however deep. */
const isOfTable = (node) => {
  if (node?.type === 'ChainExpression') return isOfTable(node.expression);
  if (node?.type === 'CallExpression') return isOfTable(node.callee);
  if (node?.type !== 'MemberExpression') return TABLES.has(node?.name);
  return TABLES.has(node.property.name) || isOfTable(node.object);
};

/** A cell that is missing is an error with its name, never a figure. */
const noZeroCell = rule('Ask for the cell by present(): what is missing is no 0.', (report) => ({
  LogicalExpression(node) {
    if (node.operator === '??' && node.right.value === 0 && isOfTable(node.left)) report(node);
  },
}));

/** What this project asks for beside what the linter knows. */
export default {
  meta: { name: 'pasture' },
  rules: {
    'formatter-stays-on': formatterStaysOn,
    'no-enum': noEnum,
    'no-years': noYears,
    'no-clock': noClock,
    'no-zero-cell': noZeroCell,
  },
};
