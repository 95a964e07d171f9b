// Lint rules of the house: what is said is another word in another language, so it is never compared, looked up by or kept; neither where it
// stands nor by way of a variable, a default value or a small function that holds it. And nobody's language is known when a file is read.
/** A sentence where it stands. */
const SAID =
  ":matches(TaggedTemplateExpression[tag.name='tr'], CallExpression[callee.name=/^tr(Word|Sense)$/])";
/** Anything within these holds or keeps what is said. */
const KEEPS_WITHIN = [
  `CallExpression[callee.property.name=/^(includes|indexOf)$/] > MemberExpression.callee > ArrayExpression.object ${SAID}`,
  `NewExpression[callee.name=/^(Map|Set)$/] ${SAID}`,
  `CallExpression[callee.name='happen'] Property[key.name!='says'] > ${SAID}`,
];
const LOOKS_UP = /^(includes|indexOf|has|get|set|add|delete|startsWith|endsWith)$/;

const said = (node) =>
  (node?.type === 'TaggedTemplateExpression' && node.tag.name === 'tr') ||
  (node?.type === 'CallExpression' && /^tr(Word|Sense)$/.test(node.callee.name ?? ''));
const saying = (node) =>
  said(node) ||
  (node?.type === 'ConditionalExpression' && (saying(node.consequent) || saying(node.alternate))) ||
  (node?.type === 'LogicalExpression' && (saying(node.left) || saying(node.right)));

/** What a name was given: its value, or its default where it is a parameter. */
function given(def) {
  if (def.type === 'Variable') return def.node.init;
  if (def.type !== 'Parameter') return undefined;
  const of = def.name.parent;
  return of?.type === 'AssignmentPattern' ? of.right : undefined;
}

const meta = (message) => ({ type: 'problem', schema: [], messages: { said: message } });

const wordsAreNoData = {
  meta: meta(
    'What is said is another word in another language: compare, look up and keep ids, and say them where they are shown.',
  ),
  create(context) {
    const { sourceCode } = context;
    const holds = (node, at) => {
      if (said(node)) return true;
      const called = node.type === 'CallExpression' && node.arguments.length === 0;
      const name = called ? node.callee : node;
      if (name.type !== 'Identifier') return false;
      for (let scope = sourceCode.getScope(at); scope; scope = scope.upper) {
        const variable = scope.set.get(name.name);
        if (!variable) continue;
        return variable.defs.some((def) => {
          const value = given(def);
          return called
            ? value?.type === 'ArrowFunctionExpression' && saying(value.body)
            : saying(value);
        });
      }
      return false;
    };
    const report = (node) => {
      context.report({ node, messageId: 'said' });
    };
    const check = (node, at) => {
      if (node && holds(node, at)) report(node);
    };
    return {
      BinaryExpression(node) {
        if (!/^[!=]==?$/.test(node.operator)) return;
        const sides = [node.left, node.right];
        // Whether a name says anything at all may be asked.
        const none = (n) => n.name === 'undefined' || (n.type === 'Literal' && n.value === null);
        const asked = sides.some(none) ? sides.filter(said) : sides;
        for (const side of asked) check(side, node);
      },
      SwitchCase(node) {
        check(node.test, node);
      },
      'MemberExpression[computed=true]'(node) {
        check(node.property, node);
      },
      'Property[computed=true]'(node) {
        check(node.key, node);
      },
      CallExpression(node) {
        const does = node.callee.property?.name ?? '';
        if (LOOKS_UP.test(does)) check(node.arguments[0], node);
      },
      ...Object.fromEntries(KEEPS_WITHIN.map((place) => [place, report])),
    };
  },
};

const saidWhenAsked = {
  meta: meta('A sentence of a table is said when it is asked for: () => tr`…` (Said).'),
  create: (context) => ({
    [`${SAID}:not(:function *)`](node) {
      context.report({ node, messageId: 'said' });
    },
  }),
};

export default {
  rules: { 'words-are-no-data': wordsAreNoData, 'said-when-asked': saidWhenAsked },
};
