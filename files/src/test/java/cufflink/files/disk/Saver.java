package cufflink.files.disk;

import cufflink.core.cut.Stock;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import cufflink.files.Jobs;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.Drafts;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.ProjectStore;
import java.nio.file.Path;
import java.util.Optional;

/** A program that saves as long as it lives, or so many times; it prints what it has saved. */
public final class Saver {
  private Saver() {}

  /**
   * Saves.
   *
   * @param arguments the folder, what to do and how often
   */
  public static void main(String[] arguments) {
    Path folder = Path.of(arguments[0]);
    int times = Integer.parseInt(arguments[2]);
    if (arguments[1].equals("drawer")) {
      fillDrawer(folder, times, arguments[3]);
    } else {
      saveProjects(folder, times);
    }
  }

  private static void saveProjects(Path folder, int times) {
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    ProjectStore store = new ProjectStore(writer);
    Drafts drafts = new Drafts(folder.resolve("drafts"), writer);
    for (int i = 1; i <= times; i++) {
      Job job = Jobs.gate().withTitle(Integer.toString(i));
      drafts.keep(new Drafts.Draft("job", Optional.empty(), Optional.empty(), job)).orElseThrow();
      store.save(job, folder.resolve("card.cufflink")).orElseThrow();
      System.out.println(i);
    }
  }

  private static void fillDrawer(Path folder, int times, String name) {
    DrawerStore drawer =
        new DrawerStore(folder.resolve("drawer.json"), new AtomicFile(AtomicFile.Disk.REAL));
    for (int i = 0; i < times; i++) {
      Stock sheet =
          new Stock(
              name + i,
              "A4",
              Length.ofMillimetres(210),
              Length.ofMillimetres(297 + i + name.hashCode()),
              1,
              false,
              Paper.CARD);
      drawer.change(before -> before.put(sheet)).orElseThrow();
    }
    System.out.println("done");
  }
}
