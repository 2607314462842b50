import { type Expression, type FunctionName, type Operator, symbolsOf } from "./tree";

const number = (value: number): Expression => ({
  kind: "number",
  value,
  text: String(value),
});
const zero = number(0);
const one = number(1);

const isNumber = (expression: Expression, value: number) =>
  expression.kind === "number" && expression.value === value;

/** An operation without what changes nothing: 0 added, 1 multiplied. */
function operationOf(operator: Operator, left: Expression, right: Expression): Expression {
  const [l0, r0] = [isNumber(left, 0), isNumber(right, 0)];
  const [l1, r1] = [isNumber(left, 1), isNumber(right, 1)];
  if (operator === "+" && (l0 || r0)) return l0 ? right : left;
  if (operator === "-" && r0) return left;
  if (operator === "-" && l0) return { kind: "negative", of: right };
  if (operator === "*" && (l0 || r0)) return zero;
  if (operator === "*" && (l1 || r1)) return l1 ? right : left;
  if (operator === "/" && l0) return zero;
  if ((operator === "/" || operator === "^") && r1) return left;
  return { kind: "operation", operator, left, right };
}

const call = (name: FunctionName, of: Expression): Expression => ({ kind: "call", name, of });
const times = (a: Expression, b: Expression) => operationOf("*", a, b);
const over = (a: Expression, b: Expression) => operationOf("/", a, b);
const square = (a: Expression) => operationOf("^", a, number(2));
const rest = (a: Expression) => operationOf("-", one, square(a));

/** The derivative of each function at its argument. */
const outer: Readonly<Record<FunctionName, (u: Expression) => Expression>> = {
  sqrt: (u) => over(number(0.5), call("sqrt", u)),
  ln: (u) => over(one, u),
  log: (u) => over(number(Math.LOG10E), u),
  exp: (u) => call("exp", u),
  sin: (u) => call("cos", u),
  cos: (u) => ({ kind: "negative", of: call("sin", u) }),
  tan: (u) => over(one, square(call("cos", u))),
  asin: (u) => over(one, call("sqrt", rest(u))),
  acos: (u) => ({ kind: "negative", of: over(one, call("sqrt", rest(u))) }),
  atan: (u) => over(one, operationOf("+", one, square(u))),
  abs: (u) => over(u, call("abs", u)),
};

function ofOperation(
  { operator, left, right }: Expression & { kind: "operation" },
  symbol: string,
): Expression {
  const [l, r] = [derivative(left, symbol), derivative(right, symbol)];
  switch (operator) {
    case "+":
    case "-":
      return operationOf(operator, l, r);
    case "*":
      return operationOf("+", times(l, right), times(left, r));
    case "/":
      return operationOf("-", over(l, right), over(times(left, r), square(right)));
    case "^": {
      const along = times(times(right, operationOf("^", left, operationOf("-", right, one))), l);
      if (!symbolsOf(right).includes(symbol)) return along;
      const whole: Expression = { kind: "operation", operator, left, right };
      return operationOf("+", along, times(times(whole, call("ln", left)), r));
    }
  }
}

/**
 * ∂expression/∂symbol as a formula, by the rules of the textbook.
 * @throws RangeError for functions of several rows.
 */
export function derivative(expression: Expression, symbol: string): Expression {
  switch (expression.kind) {
    case "number":
    case "pi":
      return zero;
    case "symbol":
      return expression.name === symbol ? one : zero;
    case "negative":
      return operationOf("-", zero, derivative(expression.of, symbol));
    case "operation":
      return ofOperation(expression, symbol);
    case "call":
      return times(outer[expression.name](expression.of), derivative(expression.of, symbol));
    case "neighbour":
    case "column":
      throw new RangeError("a function of several rows has no derivative in one");
  }
}
