package dev.schachtel.core;
import java.nio.file.*;
import dev.schachtel.core.exchange.*;
import dev.schachtel.core.plan.*;
import org.junit.jupiter.api.Test;
class DumpTest {
  @Test void dump() throws Exception {
    var w = WorkshopFile.standard();
    var spec = CardFile.read(Files.readString(Path.of("../demo/upper-station.json")), w);
    var p = Planner.plan(spec, w);
    p.build().parts().forEach(x -> System.out.println(x.id()+" "+x.name()+" "+x.form()+" x"+x.perCard()));
    p.build().levels().forEach(x -> System.out.println(x.slab().id()+" "+x.bottom()+" "+x.top()));
    p.build().derivations().forEach(x -> System.out.println(x.owner()+" "+x.name()+" "+x.result()+" "+x.formula()));
    p.findings().all().forEach(x -> System.out.println(x.severity()+" "+x.rule()+" "+x.owner()+" "+x.parts()+" "+x.measured()+" / "+x.limit()+" "+x.remedies()));
    p.cutting().materials().forEach(m -> System.out.println(m.material().name()+" sheets "+m.sheets().size()+" fewest "+m.fewest()+" unplaced "+m.unplaced().size()+" roll "+m.fromRoll()));
    p.assembly().steps().forEach(x -> System.out.println(x.number()+" "+x.op().id()+" "+x.start()+" "+x.op().hands()+" rest "+x.op().rest()+" waits "+x.waitsFor()+" frees "+x.frees()+" why "+x.reasons().stream().limit(2).toList()));
    System.out.println(p.assembly().total()+" "+p.assembly().hands()+" "+p.assembly().drying());
    for (int i=0;i<300;i++) Planner.plan(spec,w);
    long t=System.nanoTime(); for (int i=0;i<100;i++) Planner.plan(spec,w); System.out.println("ms "+(System.nanoTime()-t)/1e8);
    if(!CardFile.read(CardFile.write(spec)).equals(spec)) throw new Error();
  }
}
