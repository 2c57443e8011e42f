using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>A list of tasks.</summary>
    public sealed partial record Tasks(Part.Tasks Definition) : PartPlan
    {
        public override Part Part => Definition;

        private protected override decimal? Reachable =>
            Definition.Items.Sum(i => Math.Max(0, i.Points))
            + Math.Max(0, Definition.AllDoneBonus)
            + (Definition.Race?.Bonuses.DefaultIfEmpty(0).Max() ?? 0)
            + (
                Definition.TimePoints is { } time
                    ? (time.Exact ? time.From / time.Seconds : decimal.Floor(time.From / time.Seconds)) * time.Points
                    : 0
            );

        public override string Say()
        {
            var tasks = string.Join(
                ", ",
                Definition.Items.Select(i =>
                    $"{i.Name} ({MethodWords.Points(i.Points)}{(i.Steps > 1 ? $" in {i.Steps} steps" : "")}"
                    + (
                        i.FirstTeams is { } n
                            ? $", only for the first {(n == 1 ? "team" : English.Count(n, "team"))}"
                            : ""
                    )
                    + ")"
                )
            );
            var bonus =
                Definition.AllDoneBonus != 0
                    ? $" {MethodWords.Points(Definition.AllDoneBonus)} extra when all are done."
                    : "";
            var time = Definition.TimePoints is { } t
                ? $" {MethodWords.Points(t.Points)} extra for every {Numerals.Write(t.Seconds)} s that you stay "
                    + $"under {PartEntries.Show(t.From, 1)}."
                : "";
            var race = Definition.Race is { } to ? $" {TaskRaceOrder.Say(to)}" : "";
            return $"{tasks}.{bonus}{race}{time}";
        }

        public override PartValue Value(DesignFacts known, Trials trials) => TasksScore.Value(Definition, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([
                .. PartEntries
                    .Of<Entry.TaskTicked>(design, Definition.Id)
                    .Select(t =>
                        PartAnswers.Count(t.Task, t.Steps ?? Definition.Items.First(i => i.Id == t.Task).Steps)
                    ),
                .. PartEntries
                    .Of<Entry.TasksTimed>(design, Definition.Id)
                    .Select(t => new PartAnswer("time", PartEntries.Show(t.Time.Value ?? 0, TasksScore.Step))),
            ]);

        /// <summary>What nobody did, as soon as somebody did something.</summary>
        public override IEnumerable<string> Found(IReadOnlyList<TeamResult> results)
        {
            var ticks = results
                .SelectMany(r => PartEntries.Of<Entry.TaskTicked>(r.Assessment.Design, Definition.Id))
                .Where(t => t.Steps is not 0)
                .Select(t => t.Task)
                .ToHashSet();
            return ticks.Count == 0
                ? []
                : Definition.Items.Where(i => !ticks.Contains(i.Id)).Select(i => DecidedWords.Nobody(i.Name));
        }

        public override LikelyRange? Values(Brief brief) => null;

        public override LikelyRange? Spread(Brief brief) =>
            new(
                0,
                Definition.Items.Sum(i => i.Points)
                    + Definition.AllDoneBonus
                    + (Definition.Race?.Bonuses.DefaultIfEmpty(0).Max() ?? 0)
            );

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Tasks Make(Part.Tasks part, ProblemCollector found)
        {
            found.Unless(part.Items.Count > 0, "/items", "There are no tasks yet.", "Add the first.");
            found.Count(part.Items, Limits.Items, "/items", "tasks");
            found.Ids(part.Items.Select(i => i.Id), "/items", "task");
            foreach (var item in part.Items)
            {
                found.NotEmpty(
                    item.Name,
                    $"/items/{item.Id}/name",
                    "The task says nothing yet.",
                    "Write what is to be done."
                );
                found.Length(item.Name, Limits.Name, $"/items/{item.Id}/name", "The task");
                found.Unless(
                    item.Steps is >= 1 and <= 1000,
                    $"/items/{item.Id}/steps",
                    "A task has at least one step.",
                    "Use 1 to 1000."
                );
                found.Unless(
                    item.FirstTeams is null or >= 1,
                    $"/items/{item.Id}/firstTeams",
                    "At least one team must be first.",
                    "Use 1 or more, or leave it out."
                );
            }

            if (part.Race is { } race)
            {
                found.Unless(
                    race.Done >= 1 && race.Done <= part.Items.Count,
                    "/race/done",
                    $"There are {English.Count(part.Items.Count, "task")}, and the race is to {race.Done}.",
                    $"Enter 1 to {Math.Max(1, part.Items.Count)}."
                );
                found.Unless(
                    race.Bonuses.Count > 0,
                    "/race/bonuses",
                    "The race gives nothing.",
                    "Enter the points for the first team, the second, and so on, such as 15, 10, 5."
                );
                found.Count(race.Bonuses, Limits.Teams, "/race/bonuses", "bonuses");
            }

            if (part.TimePoints is { } time)
                found.Unless(
                    time is { Seconds: > 0, From: > 0 },
                    "/timePoints",
                    "Time points need seconds above zero.",
                    "Write from which time, and how many seconds make a point."
                );
            return new(part);
        }
    }
}
