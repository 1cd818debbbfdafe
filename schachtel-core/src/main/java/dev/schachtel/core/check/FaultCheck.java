package dev.schachtel.core.check;

import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.material.Workshop;

/** What engineering itself could not do as asked. */
final class FaultCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        tell(build.faults(), report);
    }

    static Findings told(List<Fault> faults) {
        Report report = new Report();
        tell(faults, report);
        return report.findings();
    }

    private static void tell(List<Fault> faults, Report report) {
        for (Fault fault : faults) {
            Report.Draft draft = report.on(fault.rule(), fault.at().piece())
                    .names(fault.about())
                    .measured(fault.measured(), fault.limit());
            fault.remedies().forEach(draft::remedy);
            if (fault.severity() == Severity.MEND) {
                draft.mend();
            } else {
                draft.watch();
            }
        }
    }
}
