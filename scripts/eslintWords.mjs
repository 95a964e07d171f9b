// A lint rule of the house: what is said is no data, not even by way of a name it was given first. `no-restricted-syntax` sees a sentence
// where it stands; this sees a variable, a default value or a small function that holds one, where it is compared, looked up or kept by.
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

const rule = {
  meta: {
    type: 'problem',
    schema: [],
    messages: {
      data: '{{name}} is said, another word in another language: compare, look up and keep ids.',
    },
  },
  create(context) {
    const { sourceCode } = context;
    const holds = (node, at) => {
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
    const check = (node, at) => {
      if (node && holds(node, at))
        context.report({ node, messageId: 'data', data: { name: sourceCode.getText(node) } });
    };
    return {
      BinaryExpression(node) {
        if (!/^[!=]==?$/.test(node.operator)) return;
        // Whether anything is said at all may be asked.
        const none = (n) => n.name === 'undefined' || (n.type === 'Literal' && n.value === null);
        if (none(node.left) || none(node.right)) return;
        check(node.left, node);
        check(node.right, node);
      },
      SwitchCase(node) {
        check(node.test, node);
      },
      'MemberExpression[computed=true]'(node) {
        check(node.property, node);
      },
      CallExpression(node) {
        const does = node.callee.property?.name ?? '';
        if (/^(includes|indexOf|has|get|set|add|delete)$/.test(does))
          check(node.arguments[0], node);
      },
    };
  },
};

export default { rules: { 'words-are-no-data': rule } };
