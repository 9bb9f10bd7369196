package cufflink.files.hands;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Hands at the trimmer that know the sheets and nothing of what is wanted. They obey the moves that
 * are written for programs, or the sentences that are printed, and lay aside what comes off.
 */
final class TrimmerHands {
  private static final double EXACT = 1e-5;
  private static final String NUMBER =
      "(\\d+(?:\\.\\d+)?(?: \\(then (?:a hair|about [\\d.]+|[\\d.]+) (?:more|less)\\))?)";
  private static final Pattern LAY =
      Pattern.compile(
          "^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?): (turn it so that )?the "
              + NUMBER
              + " side (?:is )?along the top, .*?at the fence\\. (?:(\\d+) alike\\. )?");
  private static final Pattern MAKES =
      Pattern.compile("At the fence: (.*?)\\. Beyond the blade: (.*?)\\.$");
  private static final Pattern AGAIN =
      Pattern.compile("^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?), to be cut again$");
  private static final Pattern ASIDE = Pattern.compile("^lay aside the (.*?)(?:, which lies.*)?$");

  private static final Pattern NAMED = Pattern.compile("^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?)$");
  private static final Pattern BRIEF =
      Pattern.compile(
          "^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?),(?: turned,)?(?: (?:then )?end for end,)? "
              + NUMBER
              + " on top: (.*) \\| ([^.]*)\\.(?: It is narrower.*)?$");

  /** Some paper, as its sheet is drawn. */
  record Paper(String name, double width, double height, int times) {}

  private final Map<String, List<Paper>> table = new HashMap<>();
  private final List<Paper> aside = new ArrayList<>();

  /** Takes up the sheets, which are numbered in order. */
  TrimmerHands(JsonNode sheets) {
    int number = 1;
    for (JsonNode sheet : sheets) {
      int times = sheet.get("times").asInt();
      int last = number + times - 1;
      String name = times == 1 ? "" + number : number + "–" + last;
      number = last + 1;
      lay(new Paper(name, mm(sheet, "width"), mm(sheet, "height"), times));
    }
  }

  static double mm(JsonNode node, String name) {
    return node.get(name).asDouble();
  }

  List<Paper> aside() {
    return aside;
  }

  private void lay(Paper paper) {
    table.computeIfAbsent(paper.name(), name -> new ArrayList<>()).add(paper);
  }

  /** Obeys one cut with its move; says what could not be obeyed, or nothing. */
  String obey(JsonNode cut) {
    JsonNode move = cut.get("moves").get(0);
    String name = move.get("paper").asText();
    String top = move.get("top").asText();
    JsonNode from = move.get("line").get(0);
    JsonNode to = move.get("line").get(1);
    double at = from.get(0).asDouble();
    double deep = to.get(1).asDouble();
    boolean upright = top.equals("top") || top.equals("bottom");
    for (Paper paper : table.getOrDefault(name, List.of())) {
      double along = upright ? paper.width() : paper.height();
      double side = upright ? paper.height() : paper.width();
      boolean fits = Math.abs(deep - side) < EXACT && at > 0 && at < along;
      double first = top.equals("top") || top.equals("right") ? at : along - at;
      if (fits && Math.abs(first - (upright ? size(cut)[0] : size(cut)[1])) < EXACT) {
        table.get(name).remove(paper);
        double rest = along - first;
        result(cut.get("first"), upright ? first : side, upright ? side : first, paper.times());
        result(cut.get("rest"), upright ? rest : side, upright ? side : rest, paper.times());
        return Math.abs(from.get(0).asDouble() - to.get(0).asDouble()) < EXACT ? "" : "slanted";
      }
    }
    return "no paper " + name + " for " + move;
  }

  /** Obeys a line of the printed table at a fence; says what could not be obeyed, or nothing. */
  String obeyBrief(double fence, String line) {
    Matcher brief = BRIEF.matcher(line);
    if (!brief.find()) {
      return "not understood: " + line;
    }
    double along = number(brief.group(2));
    for (Paper paper : table.getOrDefault(brief.group(1), List.of())) {
      boolean upright = Math.abs(paper.width() - along) < 1;
      if (upright || Math.abs(paper.height() - along) < 1) {
        table.get(brief.group(1)).remove(paper);
        double side = upright ? paper.height() : paper.width();
        double length = upright ? paper.width() : paper.height();
        makesBrief(brief.group(3), fence, side, upright, paper.times());
        makesBrief(brief.group(4), length - fence, side, upright, paper.times());
        return "";
      }
    }
    return "no such paper: " + line + " on " + table;
  }

  private void makesBrief(String what, double along, double side, boolean upright, int times) {
    Matcher again = NAMED.matcher(what);
    double width = upright ? along : side;
    double height = upright ? side : along;
    if (again.matches()) {
      lay(new Paper(again.group(1), width, height, times));
    } else if (!what.equals("keep") && !what.equals("waste")) {
      aside.add(new Paper(what, width, height, times));
    }
  }

  private static double[] size(JsonNode cut) {
    return new double[] {mm(cut.get("first"), "width"), mm(cut.get("first"), "height")};
  }

  private void result(JsonNode result, double width, double height, int times) {
    Paper paper = new Paper(result.get("name").asText(), width, height, times);
    switch (result.get("becomes").asText()) {
      case "part" -> aside.add(paper);
      case "paper" -> lay(paper);
      default -> {}
    }
  }

  /** Obeys a printed sentence at a fence; says what could not be obeyed, or nothing. */
  String obey(double fence, String words) {
    Matcher lay = LAY.matcher(words);
    Matcher makes = MAKES.matcher(words);
    if (!lay.find() || !makes.find()) {
      return "not understood: " + words;
    }
    double along = number(lay.group(3));
    for (Paper paper : table.getOrDefault(lay.group(1), List.of())) {
      boolean upright = Math.abs(paper.width() - along) < 1;
      if (upright || Math.abs(paper.height() - along) < 1) {
        table.get(lay.group(1)).remove(paper);
        double side = upright ? paper.height() : paper.width();
        double length = upright ? paper.width() : paper.height();
        int times = lay.group(4) == null ? 1 : Integer.parseInt(lay.group(4));
        makes(makes.group(1), fence, side, upright, times);
        makes(makes.group(2), length - fence, side, upright, times);
        return times == paper.times() ? "" : "there are " + paper.times() + ": " + words;
      }
    }
    return "no such paper: " + words + " on " + table;
  }

  private void makes(String what, double along, double side, boolean upright, int times) {
    double width = upright ? along : side;
    double height = upright ? side : along;
    Matcher again = AGAIN.matcher(what);
    Matcher part = ASIDE.matcher(what);
    if (again.find()) {
      lay(new Paper(again.group(1), width, height, times));
    } else if (part.find()) {
      aside.add(new Paper(part.group(1), width, height, times));
    }
  }

  /** Reads a number as it is said. */
  static double number(String text) {
    String[] parts = text.split(" \\(then ");
    double number = Double.parseDouble(parts[0]);
    if (parts.length == 1 || parts[1].startsWith("a hair")) {
      return number;
    }
    double rest = Double.parseDouble(parts[1].replaceAll("[^\\d.]", ""));
    return parts[1].endsWith("more)") ? number + rest : number - rest;
  }
}
