using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Briefs;

/// <summary>What must be true of the rest of the sheet: amounts, minutes, lengths of texts.</summary>
internal static class SheetCheck
{
    public static void Check(Brief brief, ProblemCollector found)
    {
        found.Length(brief.Question, Limits.Text, "/question", "The question");
        found.Length(brief.ScoringWords, Limits.Text, "/scoringWords", "How it is scored");
        found.Length(brief.Safety, Limits.Text, "/safety", "The note on safety");
        found.Length(brief.Teacher.Notes, Limits.Text, "/teacher/notes", "The notes");
        found.Length(brief.Teacher.Extensions, Limits.Text, "/teacher/extensions", "What to do when finished");
        found.Length(brief.Teacher.LocalStandards, Limits.Text, "/teacher/localStandards", "The local standards");
        Texts(brief.Teacher.Hints, "/teacher/hints", "hints", found);
        Texts(brief.Teacher.Questions, "/teacher/questions", "questions", found);
        Texts(brief.Worksheet.Plans, "/worksheet/plans", "plans", found);
        Texts(brief.Worksheet.Boxes, "/worksheet/boxes", "boxes", found);
        MarkCriterion.Check(brief.Teacher.Marks, found);
        found.Count(brief.Teacher.Standards, Limits.Items, "/teacher/standards", "standards");
        found.Count(brief.Words, Limits.Items, "/words", "words");
        found.Count(brief.Conditions, Limits.Items, "/conditions", "conditions");
        found.Ids(brief.Conditions.Select(c => c.Id), "/conditions", "condition");
        foreach (var condition in brief.Conditions)
        {
            found.Length(condition.Text, Limits.Text, $"/conditions/{condition.Id}/text", "The condition");
            found.Length(condition.FixedAt, Limits.Name, $"/conditions/{condition.Id}/fixedAt", "What it is fixed at");
        }

        found.Count(brief.Jobs, Limits.Items, "/jobs", "jobs");
        found.Ids(brief.Jobs.Select(j => j.Id), "/jobs", "job");
        foreach (var job in brief.Jobs)
        {
            found.NotEmpty(
                job.Name,
                $"/jobs/{job.Id}/name",
                "A job has no name.",
                "Say what its holder does, for example “Keeps the record”."
            );
            found.Length(job.Name, Limits.Name, $"/jobs/{job.Id}/name", "The job's name");
            found.Length(job.Duties, Limits.Text, $"/jobs/{job.Id}/duties", "The duties");
        }

        Materials(brief, found);
        Timing(brief.Timing, found);
    }

    private static void Texts(IReadOnlyList<string> texts, string at, string what, ProblemCollector found)
    {
        found.Count(texts, Limits.Items, at, what);
        for (var i = 0; i < texts.Count; i++)
            found.Length(texts[i], Limits.Text, $"{at}/{i}", "The text");
    }

    private static void Materials(Brief brief, ProblemCollector found)
    {
        found.Count(brief.Materials, Limits.Items, "/materials", "materials");
        found.Ids(brief.Materials.Select(m => m.Id), "/materials", "material");
        foreach (var material in brief.Materials.Where(m => !m.Off))
        {
            var at = $"/materials/{material.Id}";
            found.NotEmpty(
                material.Name,
                $"{at}/name",
                "The material has no name.",
                "Say what it is, for example “straws”."
            );
            found.Length(material.Name, Limits.Name, $"{at}/name", "The name");
            found.Length(material.Note, Limits.Name, $"{at}/note", "The note");
            found.Unless(
                material.Spares >= 0,
                $"{at}/spares",
                "The number of spares cannot be negative.",
                "Write 0 or more."
            );
            found.Unless(
                material.Pack is null or > 0,
                $"{at}/pack",
                "A pack must hold at least one.",
                "Write how much is in one, or leave it empty."
            );
            found.Unless(
                material.Price is null or >= 0,
                $"{at}/price",
                "A price cannot be negative.",
                "Write 0 or more, or leave it empty."
            );
            found.Unless(
                material.Amount is null or >= 0,
                $"{at}/amount",
                "The amount cannot be negative.",
                "Write 0 or more, or leave it empty where there is no limit."
            );
        }

        found.Count(brief.Stages.Stages, 100, "/stages/stages", "stages");
        found.Ids(brief.Stages.Stages.Select(s => s.Id), "/stages/stages", "stage");
        found.Unless(
            brief.Stages.Measure.Length == 0 || brief.Measures.Any(m => m.Id == brief.Stages.Measure),
            "/stages/measure",
            "There is no such measure.",
            "Choose what grows with each stage."
        );
        foreach (var stage in brief.Stages.Stages)
        {
            for (var i = 0; i < stage.Needs.Count; i++)
            {
                found.Unless(
                    brief.Materials.Any(m => m.Id == stage.Needs[i].Material),
                    $"/stages/stages/{stage.Id}/needs/{i}/material",
                    "There is no such material.",
                    "Choose a material from the list."
                );
                found.Unless(
                    stage.Needs[i].Amount > 0,
                    $"/stages/stages/{stage.Id}/needs/{i}/amount",
                    "A stage must take some time.",
                    "Write an amount above zero, or take the line out."
                );
            }
        }
    }

    private static void Timing(Timing timing, ProblemCollector found)
    {
        found.Unless(
            timing.Lesson is null or (> 0 and <= 1440),
            "/timing/lesson",
            "The length of the lesson is out of range.",
            "Write its minutes, for example 50."
        );
        found.Unless(
            timing.Lessons is >= 1 and <= 100,
            "/timing/lessons",
            "The number of lessons is out of range.",
            "Use 1 or more."
        );
        found.Unless(timing.SetUp >= 0, "/timing/setUp", "Setup time cannot be negative.", "Use 0 or more minutes.");
        found.Unless(
            timing.CleanUp >= 0,
            "/timing/cleanUp",
            "Clean-up time cannot be negative.",
            "Use 0 or more minutes."
        );
        found.Unless(
            timing.Teams is >= 1 and <= Limits.Teams,
            "/timing/teams",
            "The number of teams is out of range.",
            $"Use 1 to {Limits.Teams}."
        );
        found.Unless(
            timing.TeamSize is >= 1 and <= TeamSizes.Largest,
            "/timing/teamSize",
            "The size of a team is out of range.",
            $"Use 1 to {TeamSizes.Largest}."
        );
        found.Length(timing.IfLate, Limits.Text, "/timing/ifLate", "What being late costs");
        found.Count(timing.Phases, 100, "/timing/phases", "phases");
        found.Ids(timing.Phases.Select(p => p.Id), "/timing/phases", "phase");
        foreach (var phase in timing.Phases)
        {
            var at = $"/timing/phases/{phase.Id}";
            found.Unless(
                phase.Minutes is >= 0 and <= 1440,
                $"{at}/minutes",
                "The minutes are out of range.",
                "Use 0 to 1440."
            );
            found.Unless(
                phase.Changeover is >= 0 and <= 1440,
                $"{at}/changeover",
                "The minutes between two teams are out of range.",
                "Use 0 to 1440."
            );
            found.Unless(
                phase.TestBays is >= 1 and <= 100,
                $"{at}/stations",
                "The number of test tables is out of range.",
                "Use 1 or more."
            );
            found.Unless(
                phase.Warning >= 0 && (phase.Warning == 0 || phase.Warning < phase.Minutes),
                $"{at}/warning",
                "The warning would come before the phase begins.",
                "Give it some minutes before the end."
            );
            found.Unless(
                phase.Warnings.Count <= 10 && phase.Warnings.All(w => w > 0 && w < phase.Minutes),
                $"{at}/warnings",
                "A warning would come before the phase begins.",
                "Give each some minutes before the end; ten at most."
            );
            found.Length(phase.Note, Limits.Text, $"{at}/note", "What is to be done");
        }
    }
}
