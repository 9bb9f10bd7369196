package cufflink.files.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Yearly;
import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.log.CardMade.Photo;
import cufflink.core.log.Done;
import cufflink.core.log.Experience;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.files.Spoken;
import cufflink.files.project.DemoProjects;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was put into the log is there again, whole, whatever happens meanwhile. */
class LogStoreTest {
  /** How many processes are ended in mid-writing; many more in the long run. */
  private static final int KILLS = Integer.getInteger("cufflink.kills", 6);

  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("cards.sqlite");
  }

  private LogStore open() {
    Parsed<LogStore> store = LogStore.open(file());
    assertTrue(store.value().isPresent(), () -> store.problem().say(Spoken.ENGLISH));
    return store.orElseThrow();
  }

  private static Length mm(long millimetres) {
    return Length.ofMillimetres(millimetres);
  }

  private static CardMade card(int number, String person, String next) {
    List<Job> jobs = DemoProjects.all();
    Job job = jobs.get(number % jobs.size()).withId("job-" + number);
    LocalDate day = LocalDate.of(2026, 1, 1).plusDays(number % 300);
    Memory memory = new Memory(1 + number % 40, person, "Tide day", number % 90, 3, "", next);
    return new CardMade("card-" + number, day, job, "Construction " + number % 21, memory);
  }

  /** The demonstration owns something of each use once, and what is forgotten stays so. */
  @Test
  void demonstration_ownsSomethingOfEachUse() {
    Path file = folder.resolve("shown").resolve("cards.sqlite");
    DemoOwned.begin(file);
    try (LogStore store = LogStore.open(file).orElseThrow()) {
      for (Owned.Use use : Owned.Use.values()) {
        assertTrue(store.chart().orElseThrow().of(use).size() > 0, use.name());
      }
      store.put(Chart.NONE);
    }
    DemoOwned.begin(file);
    try (LogStore store = LogStore.open(file).orElseThrow()) {
      assertEquals(Chart.NONE, store.chart().orElseThrow());
    }
  }

  @Test
  void cards_comeBackAsTheyWere_newestFirst() {
    List<CardMade> put = new ArrayList<>();
    try (LogStore store = open()) {
      for (int i = 0; i < 30; i++) {
        put.add(
            store
                .put(card(i, "the Tuesday menders", "trim “it”; a\nsecond line, 1/8"))
                .orElseThrow());
      }
    }
    try (LogStore store = open()) {
      List<CardMade> found = store.find("", 100).orElseThrow();
      java.util.Collections.reverse(put);
      assertEquals(put, found);
      assertEquals(put.subList(0, 4), store.find("", 4).orElseThrow());
    }
  }

  @Test
  void find_needsEveryWord_anywhere_inAnyCase() {
    try (LogStore store = open()) {
      store
          .putAll(WholeLog.of(List.of(card(1, "Élodie", ""), card(2, "the ferry", "wider 50% _"))))
          .orElseThrow();
      assertEquals(2, store.find("tide DAY", 9).orElseThrow().size());
      assertEquals("card-1", store.find("ÉLODIE tide", 9).orElseThrow().get(0).id());
      assertEquals(0, store.find("élodie wider", 9).orElseThrow().size());
      // What means something to a database means itself here.
      assertEquals("card-2", store.find("50% _", 9).orElseThrow().get(0).id());
      assertEquals(0, store.find("w%r '; DROP", 9).orElseThrow().size());
    }
  }

  @Test
  void json_comesBackWhole_andIsReadTwiceWithoutDoubling() {
    Photo photo = new Photo("0123456789abcdef".repeat(4) + ".jpg", 6);
    CardMade shown = card(3, "a, b", "\"quoted\"").withPhoto(Optional.of(photo));
    Job kits = card(4, "", "").job().withOrder(Order.ONE.withCopies(9).withKits(4));
    CardMade half = new CardMade("k", shown.on(), kits, "Kit", Memory.of(5));
    WholeLog whole =
        new WholeLog(
            List.of(half, shown),
            List.of(new Yearly("y", "Nell", "birthday", MonthDay.of(2, 29))),
            List.of(new Planned("p", LocalDate.of(2027, 1, 9), kits, "Kit", "", "Launch day")),
            List.of(new Given("g", "k", LocalDate.of(2026, 12, 1), 2, "Ömer")),
            new Sundries(Map.of(Kind.of(Material.PADS), 40L, Kind.ribbon(mm(7)), 99L)),
            new Chart(
                List.of(
                    new Owned("punch", Shape.CIRCLE, mm(38), mm(38)),
                    new Owned("kraft", Owned.Use.ENVELOPE, Shape.RECTANGLE, mm(131), mm(181)))));
    String json = LogFormat.json(whole);
    assertEquals(whole, LogFormat.read("log.json", json).orElseThrow());
    try (LogStore store = open()) {
      store.putAll(whole).orElseThrow();
      store.putAll(whole).orElseThrow();
      assertEquals(whole, store.whole().orElseThrow());
      assertEquals(List.of(half.heading(), shown.heading()), store.ahead().orElseThrow().made());
      assertEquals(Optional.of(shown), store.card(shown.id()).orElseThrow());
      // What is forgotten is gone, and only that; what lies in the drawer is the maker's word.
      store.put(new Sundries(Map.of(Kind.of(Material.PADS), 3L))).orElseThrow();
      store.putAll(whole).orElseThrow();
      assertEquals(3L, store.sundries().orElseThrow().of(Kind.of(Material.PADS)));
      store.forget("y").orElseThrow();
      assertEquals(List.of(), store.ahead().orElseThrow().yearly());
      assertEquals(whole.planned(), store.ahead().orElseThrow().planned());
    }
  }

  @Test
  void finish_takesWhatWasUsedOffTheDrawer_andThePlanOffThePlans_onceNoKitsAreLeft() {
    Job kits = card(4, "", "").job().withOrder(Order.ONE.withCopies(9).withKits(4));
    Job all = kits.withOrder(Order.ONE.withCopies(9));
    Kind tape = Kind.of(Material.TAPE);
    Sundries used = new Sundries(Map.of(tape, 30L, Kind.of(Material.DOTS), 2L));
    try (LogStore store = open()) {
      store.put(new Planned("p", LocalDate.of(2027, 1, 9), kits, "Kit", "", "")).orElseThrow();
      store.put(new Sundries(Map.of(tape, 50L))).orElseThrow();
      int first = CardMade.finished(kits, store.headings("", 9).orElseThrow());
      assertEquals(5, first);
      LocalDate day = LocalDate.of(2026, 12, 1);
      store.finish(new CardMade("a", day, kits, "Kit", Memory.of(first)), used).orElseThrow();
      assertEquals(Map.of(tape, 20L), store.sundries().orElseThrow().amounts());
      assertEquals(1, store.ahead().orElseThrow().planned().size());
      // The four kits are put together later, and no card is counted twice.
      int second = CardMade.finished(all, store.headings("", 9).orElseThrow());
      assertEquals(4, second);
      store.finish(new CardMade("b", day, all, "Kit", Memory.of(second)), used).orElseThrow();
      assertEquals(Map.of(tape, 0L), store.sundries().orElseThrow().amounts());
      assertEquals(List.of(), store.ahead().orElseThrow().planned());
      // Made all over again, all nine are new.
      assertEquals(9, CardMade.finished(all, store.headings("", 9).orElseThrow()));
    }
  }

  @Test
  void went_countsCardsOfAConstruction_andWhatWasSpoiltMeanwhile() {
    try (LogStore store = open()) {
      for (int i = 0; i < 3; i++) {
        Job job = DemoProjects.all().get(0).withId("j" + i % 2);
        LocalDate day = LocalDate.of(2026, 1, 1 + i);
        store.put(new CardMade("c" + i, day, job, "Gate", Memory.of(2))).orElseThrow();
      }
      Done.Act act = new Done.Act("cut base 1", "base", "", 0, List.of());
      for (Done.Kind kind :
          List.of(Done.Kind.SPOILT, Done.Kind.SPOILT, Done.Kind.NOT_SPOILT, Done.Kind.MADE)) {
        store.add(List.of(new Done("j0", act, 1, kind, Instant.EPOCH))).orElseThrow();
      }
      String pattern = DemoProjects.all().get(0).patternId();
      assertEquals(Map.of(pattern, new Experience.Went(6, 1)), store.went().orElseThrow());
    }
  }

  /** Apache Commons CSV reads the table as RFC 4180 has it. */
  @Test
  void csv_isReadByAGeneralLibrary() throws Exception {
    List<CardMade> cards = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      cards.add(card(i, "a \"b\", c", i % 2 == 0 ? " begins with a space" : "two\r\nlines"));
    }
    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(LogFormat.csv(cards)))
            .getRecords();
    assertEquals(cards.size(), rows.size());
    for (int i = 0; i < rows.size(); i++) {
      assertEquals(cards.get(i).id(), rows.get(i).get("id"));
      assertEquals(cards.get(i).job().title(), rows.get(i).get("title"));
      assertEquals(cards.get(i).memory().forWhom(), rows.get(i).get("for"));
      assertEquals(cards.get(i).memory().nextTime(), rows.get(i).get("next-time"));
    }
  }

  @Test
  void badFiles_areToldInOneSentence_andStayAsTheyAre() throws Exception {
    byte[] torn =
        "this is no log, but somebody’s poem".repeat(200).getBytes(StandardCharsets.UTF_8);
    Files.write(file(), torn);
    assertEquals(
        file() + " is damaged; put a copy of it in its place. It stays as it is.",
        LogStore.open(file()).problem().say(Spoken.ENGLISH));
    assertTrue(java.util.Arrays.equals(torn, Files.readAllBytes(file())));
    Files.delete(file());
    open().close();
    try (Connection newer = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = newer.createStatement()) {
      statement.execute("PRAGMA user_version = 99");
    }
    assertEquals(
        file() + " was written by a newer Cufflink; open it with that. It stays as it is.",
        LogStore.open(file()).problem().say(Spoken.ENGLISH));
    assertEquals(
        "log.json: card 2 was made on “yesterday”, which is no day; write one such as 2026-05-14.",
        LogFormat.read(
                "log.json",
                LogFormat.json(WholeLog.of(List.of(card(1, "", ""), card(2, "", ""))))
                    .replace("2026-01-03", "yesterday"))
            .problem()
            .say(Spoken.ENGLISH));
    assertEquals(
        "log.json: line 2 is no JSON; export the log again.",
        LogFormat.read("log.json", "{\n nonsense").problem().say(Spoken.ENGLISH));
  }

  @Test
  void aFolderThatIsAFile_orLocked_isTold() throws Exception {
    Path inTheWay = Files.writeString(folder.resolve("taken"), "");
    assertTrue(LogStore.open(inTheWay.resolve("cards.sqlite")).value().isEmpty());
    open().close();
    try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = other.createStatement();
        LogStore store = open()) {
      statement.execute("BEGIN EXCLUSIVE");
      String said = store.put(card(1, "", "")).problem().say(Spoken.ENGLISH);
      assertEquals(
          file() + " is in use by another program; close that and try again. Nothing is lost.",
          said);
    }
  }

  @Test
  void twoWindows_seeWhatTheOtherAdds_inTheOrderOfAdding() {
    try (LogStore one = open();
        LogStore other = open()) {
      // The clock of one is set back; the order is that of adding.
      Done first = done("j", 1, Instant.parse("2026-06-01T10:00:00Z"));
      Done second = done("j", 2, Instant.parse("2026-05-01T10:00:00Z"));
      one.add(List.of(first)).orElseThrow();
      other.add(List.of(second)).orElseThrow();
      one.add(List.of(done("k", 1, Instant.EPOCH))).orElseThrow();
      assertEquals(List.of(first, second), other.done("j").orElseThrow());
      assertEquals(
          List.of("j", "k"), other.lately(2).orElseThrow().stream().map(Done::jobId).toList());
    }
  }

  private static Done done(String job, int copy, Instant at) {
    Done.Cut cut = new Done.Cut("base", Length.ofMillimetres(140), Length.ofInches(17, 4), copy);
    Done.Act act =
        new Done.Act("cut cardstock 1 a4f", "cardstock", "Cut it: 4 ¼ “so”", 12.5, List.of(cut));
    return new Done(job, act, copy, Done.Kind.MADE, at);
  }

  /** Writes until it is killed, and tells each entry once it has been acknowledged. */
  public static final class Writer {
    private Writer() {}

    /** Writes into the file that is named. */
    public static void main(String[] arguments) {
      try (LogStore store = LogStore.open(Path.of(arguments[0])).orElseThrow()) {
        for (int i = 1; ; i++) {
          store.add(List.of(done("j", i, Instant.EPOCH))).orElseThrow();
          System.out.println(i);
          System.out.flush();
        }
      }
    }
  }

  @Test
  void killedAtAnyMoment_everyAcknowledgedEntryIsThere_andTheFileIsSound() throws Exception {
    Random random = new Random(11);
    String classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    Path java = Path.of(System.getProperty("java.home"), "bin", "java");
    int before = 0;
    for (int kill = 0; kill < KILLS; kill++) {
      Process writer =
          new ProcessBuilder(
                  java.toString(),
                  "-Xshare:auto",
                  "-XX:TieredStopAtLevel=1",
                  "-cp",
                  classes,
                  Writer.class.getName(),
                  file().toString())
              .redirectErrorStream(true)
              .start();
      BufferedReader out =
          new BufferedReader(
              new InputStreamReader(writer.getInputStream(), StandardCharsets.UTF_8));
      int last = 0;
      for (int i = 0; i < 1 + random.nextInt(30); i++) {
        last = Integer.parseInt(out.readLine());
      }
      Thread.sleep(0, random.nextInt(1_000_000));
      writer.destroyForcibly().waitFor();
      try (LogStore store = open()) {
        int there = store.done("j").orElseThrow().size() - before;
        assertTrue(there >= last, "kill " + kill + ": " + there + " of " + last);
        before += there;
      }
    }
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement();
        var answer = statement.executeQuery("PRAGMA integrity_check")) {
      assertTrue(answer.next());
      assertEquals("ok", answer.getString(1));
    }
  }
}
