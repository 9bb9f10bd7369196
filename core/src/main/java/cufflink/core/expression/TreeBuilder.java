package cufflink.core.expression;

import com.ezylang.evalex.parser.ASTNode;
import com.ezylang.evalex.parser.Token;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/** Turns the parser's tree into branches, checking what each part is about. */
final class TreeBuilder {
  /** How deep parts may lie within parts; a sum of three is two deep. */
  private static final int DEEPEST = 200;

  private static final int MOST_DIGITS = 40;
  private static final int SHOWN = 40;

  private final String text;
  private final Names known;
  private final Set<String> names = new TreeSet<>();

  TreeBuilder(String text, Names known) {
    this.text = text;
    this.known = known;
  }

  Set<String> names() {
    return Collections.unmodifiableSet(names);
  }

  Branch build(ASTNode node) {
    return build(node, 0);
  }

  private Branch build(ASTNode node, int depth) {
    Token token = node.getToken();
    if (depth > DEEPEST) {
      throw new FormulaException("formula.deep", shortened(text), DEEPEST);
    }
    List<Branch> parts = new ArrayList<>();
    for (ASTNode part : node.getParameters()) {
      parts.add(build(part, depth + 1));
    }
    return switch (token.getType()) {
      case NUMBER_LITERAL -> constant(Kind.NUMBER, number(token));
      case STRING_LITERAL -> constant(Kind.WORD, new Value.Word(token.getValue()));
      case VARIABLE_OR_CONSTANT -> name(token.getValue());
      case PREFIX_OPERATOR -> prefix(token, parts.get(0));
      case POSTFIX_OPERATOR -> unit(token, parts.get(0));
      case INFIX_OPERATOR -> infix(token, parts.get(0), parts.get(1));
      case FUNCTION -> function(token, parts);
      default -> throw mistake("formula.part", token);
    };
  }

  private Ratio number(Token token) {
    BigDecimal number = new BigDecimal(token.getValue());
    if (Math.abs((long) number.scale()) > MOST_DIGITS || number.precision() > MOST_DIGITS) {
      throw new FormulaException(
          "formula.digits", shortened(text), shortened(token.getValue()), MOST_DIGITS);
    }
    return Ratio.of(number);
  }

  private static String shortened(String text) {
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }

  private static Branch constant(Kind kind, Value value) {
    return new Branch(kind, scope -> value);
  }

  private Branch name(String name) {
    Kind kind =
        known
            .kind(name)
            .orElseThrow(
                () ->
                    new FormulaException(
                        "formula.name", text, name, String.join(", ", known.known())));
    String full = known.full(name);
    names.add(full);
    return new Branch(kind, scope -> scope.apply(full));
  }

  private Branch unit(Token token, Branch part) {
    expect(token, part, Kind.NUMBER);
    Ratio one = Ratio.of(Grammar.unit(token.getValue()).length().units());
    return amount(Kind.LENGTH, part, value -> value.times(one));
  }

  private Branch prefix(Token token, Branch part) {
    if (token.getValue().equals("!")) {
      expect(token, part, Kind.TRUTH);
      return Branch.truth(scope -> !part.holds(scope));
    }
    expectAmount(token, part);
    return token.getValue().equals("-") ? amount(part.kind(), part, Ratio::negated) : part;
  }

  private Branch infix(Token token, Branch left, Branch right) {
    return switch (token.getValue()) {
      case "+" -> joined(same(token, left, right), left, right, Ratio::plus);
      case "-" -> joined(same(token, left, right), left, right, Ratio::minus);
      case "%" -> joined(same(token, left, right), left, right, this::rest);
      case "*" -> joined(combined(token, left, right, 1), left, right, Ratio::times);
      case "/" -> joined(combined(token, left, right, -1), left, right, this::quotient);
      case "&&" -> {
        expectTruths(token, left, right);
        yield Branch.truth(scope -> left.holds(scope) && right.holds(scope));
      }
      case "||" -> {
        expectTruths(token, left, right);
        yield Branch.truth(scope -> left.holds(scope) || right.holds(scope));
      }
      case "=", "==", "!=", "<>" -> equality(token, left, right);
      case "<", "<=", ">", ">=" -> comparison(token, left, right);
      default -> throw mistake("formula.part", token);
    };
  }

  private static Branch joined(Kind kind, Branch left, Branch right, BinaryOperator<Ratio> join) {
    return new Branch(kind, scope -> join.apply(left.amount(scope), right.amount(scope)));
  }

  private static Branch amount(Kind kind, Branch part, UnaryOperator<Ratio> change) {
    return new Branch(kind, scope -> change.apply(part.amount(scope)));
  }

  private Ratio quotient(Ratio left, Ratio right) {
    if (right.signum() == 0) {
      throw new FormulaException("formula.division", text);
    }
    return left.dividedBy(right);
  }

  private Ratio rest(Ratio left, Ratio right) {
    return left.minus(quotient(left, right).wholePart().times(right));
  }

  private Branch equality(Token token, Branch left, Branch right) {
    if (left.kind() != right.kind()) {
      throw mixed(token, left, right);
    }
    boolean same = token.getValue().startsWith("=");
    return Branch.truth(
        scope -> left.step().apply(scope).equals(right.step().apply(scope)) == same);
  }

  private Branch comparison(Token token, Branch left, Branch right) {
    same(token, left, right);
    boolean orEqual = token.getValue().endsWith("=");
    int sign = token.getValue().startsWith("<") ? -1 : 1;
    return Branch.truth(
        scope -> {
          int order = Integer.signum(left.amount(scope).compareTo(right.amount(scope)));
          return order == sign || (orEqual && order == 0);
        });
  }

  private Branch function(Token token, List<Branch> parts) {
    String name = token.getValue().toLowerCase(Locale.ROOT);
    if (name.equals("if")) {
      return choice(token, parts);
    }
    parts.forEach(part -> expectAmount(token, part));
    Branch first = parts.get(0);
    return switch (name) {
      case "min" -> extreme(token, parts, -1);
      case "max" -> extreme(token, parts, 1);
      case "abs" ->
          amount(first.kind(), first, value -> value.signum() < 0 ? value.negated() : value);
      case "sqrt" ->
          amount(
              first.kind().root().orElseThrow(() -> mistake("formula.root", token)),
              first,
              this::root);
      case "floor" -> number(token, first, Ratio::wholePart);
      case "ceiling" -> number(token, first, value -> value.negated().wholePart().negated());
      case "sin" -> number(token, first, Ratio::sine);
      case "cos" -> number(token, first, Ratio::cosine);
      case "tan" -> number(token, first, Ratio::tangent);
      case "atan" -> number(token, first, Ratio::arcTangent);
      default -> throw mistake("formula.part", token);
    };
  }

  private Branch number(Token token, Branch part, UnaryOperator<Ratio> change) {
    expect(token, part, Kind.NUMBER);
    return amount(Kind.NUMBER, part, change);
  }

  private Branch choice(Token token, List<Branch> parts) {
    Branch condition = parts.get(0);
    Branch then = parts.get(1);
    Branch otherwise = parts.get(2);
    expect(token, condition, Kind.TRUTH);
    if (then.kind() != otherwise.kind()) {
      throw mixed(token, then, otherwise);
    }
    Function<Function<String, Value>, Value> step =
        scope -> (condition.holds(scope) ? then : otherwise).step().apply(scope);
    return new Branch(then.kind(), step);
  }

  private Branch extreme(Token token, List<Branch> parts, int sign) {
    Branch result = parts.get(0);
    for (Branch part : parts.subList(1, parts.size())) {
      Kind kind = same(token, result, part);
      result = joined(kind, result, part, (a, b) -> a.compareTo(b) * sign >= 0 ? a : b);
    }
    return result;
  }

  private Ratio root(Ratio value) {
    if (value.signum() < 0) {
      throw new FormulaException("formula.negative-root", text);
    }
    return value.root();
  }

  private Kind combined(Token token, Branch left, Branch right, int sign) {
    return left.kind().combined(right.kind(), sign).orElseThrow(() -> mixed(token, left, right));
  }

  private Kind same(Token token, Branch left, Branch right) {
    if (left.kind() != right.kind() || !left.kind().isAmount()) {
      throw mixed(token, left, right);
    }
    return left.kind();
  }

  private void expectTruths(Token token, Branch left, Branch right) {
    expect(token, left, Kind.TRUTH);
    expect(token, right, Kind.TRUTH);
  }

  private void expectAmount(Token token, Branch part) {
    if (!part.kind().isAmount()) {
      throw unfit(token, part, Kind.NUMBER);
    }
  }

  private void expect(Token token, Branch part, Kind kind) {
    if (part.kind() != kind) {
      throw unfit(token, part, kind);
    }
  }

  private FormulaException unfit(Token token, Branch part, Kind kind) {
    return new FormulaException(
        "formula.kind", text, token.getValue(), part.kind().title(), kind.title());
  }

  private FormulaException mixed(Token token, Branch left, Branch right) {
    return new FormulaException(
        "formula.mixed", text, token.getValue(), left.kind().title(), right.kind().title());
  }

  private FormulaException mistake(String key, Token token) {
    return new FormulaException(key, text, token.getValue());
  }
}
