package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.drawing.Influence;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.finding.Trouble;
import cufflink.core.job.Derivation;
import cufflink.core.scene.Ref;
import cufflink.desktop.paper.Flag;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What goes wrong with the card on the table, where, and what a press does about it. */
final class Wrongs {
  private static final Set<FindingKind> FITTING =
      Set.of(FindingKind.OFF_THE_SHEET, FindingKind.ENVELOPE_TOO_SMALL);

  private final Workbench bench;

  Wrongs(Workbench bench) {
    this.bench = bench;
  }

  /** Returns what follows from the job, folded in thought as far as that has been done. */
  Derivation whole(Derivation derivation) {
    return derivation
        .made()
        .flatMap(made -> bench.folding().of(made.card()))
        .map(derivation::folded)
        .orElse(derivation);
  }

  /** Returns what goes wrong, the dearest first, with its cures as far as they are known. */
  List<Trouble> of(Derivation derivation) {
    return Trouble.of(bench.folding().curing().findings(whole(derivation)), derivation.settled());
  }

  /** Returns a flag for each thing that goes wrong, in the order in which they matter. */
  List<Flag> flags(Derivation derivation) {
    List<Flag> flags = new ArrayList<>();
    for (Trouble trouble : of(derivation)) {
      flags.add(flag(trouble.first(), derivation));
      trouble.others().forEach(each -> flags.add(flag(each, derivation)));
    }
    return flags;
  }

  private Flag flag(Finding finding, Derivation derivation) {
    String sentence = finding.sentence().say(bench.format());
    return new Flag(places(finding, derivation), sentence, finding.isError(), cure(finding));
  }

  /** Returns the lines a finding names, or else what the values it names move on the paper. */
  static List<Ref> places(Finding finding, Derivation derivation) {
    List<Ref> places = new ArrayList<>();
    String piece = finding.place().piece();
    for (String line : finding.place().lines()) {
      places.add(new Ref(piece, line));
      places.add(new Ref(piece, line + "-1"));
    }
    if (places.isEmpty() && derivation.made().isPresent()) {
      Design design = derivation.made().get().design();
      for (String name : finding.place().parameters()) {
        derivation
            .pattern()
            .parameter(name)
            .map(each -> Influence.of(derivation.pattern(), derivation.settled(), design, each))
            .ifPresent(places::addAll);
      }
    }
    return places;
  }

  /** Returns the finding's own cure; what no longer fits its sheet or envelope is scaled again. */
  Optional<Flag.Cure> cure(Finding finding) {
    if (FITTING.contains(finding.kind())) {
      Runnable refit = () -> bench.job().ifPresent(job -> bench.sizing().scaleTo(job.goal()));
      return Optional.of(new Flag.Cure(Words.say("inspect.refit"), refit));
    }
    return finding
        .fix()
        .map(fix -> new Flag.Cure(fix.label().say(bench.format()), () -> bench.sizing().cure(fix)));
  }
}
