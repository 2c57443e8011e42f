using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Tasks
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("done", "steps done", "", 0, Definition.Items.Sum(i => i.Steps));
                if (Definition.TimePoints is { } time)
                    yield return Handle("time", "time", "s", 0, time.From, less: true);
            }
        }

        public override IEnumerable<RehearsedThing> Things
        {
            get
            {
                foreach (var item in Definition.Items)
                    yield return Happening(Task(item), item.Name, 65, good: true) with
                    {
                        Times = item.Steps,
                    };
                if (Definition.TimePoints is { } time)
                    yield return Amount(
                        "time",
                        "time",
                        "s",
                        new(time.From / 3, time.From * 2 / 3, time.From * 1.2m),
                        less: true
                    );
            }
        }

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            var ticked = PartEntries.Of<Entry.TaskTicked>(design, Definition.Id);
            if (ticked.Count == 0)
                yield break;
            var steps = ticked.GroupBy(t => t.Task).ToDictionary(g => g.Key, g => g.Last());
            foreach (var item in Definition.Items)
                yield return CameOf(
                    Task(item),
                    steps.TryGetValue(item.Id, out var of) ? of.Steps ?? item.Steps : 0,
                    item.Steps
                );
            if (PartEntries.Of<Entry.TasksTimed>(design, Definition.Id) is [.., { Time.Value: { } time }])
                yield return CameOf("time", time);
        }

        private static string Task(TaskItem item) => $"task.{item.Id}";

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var left = team.Has("done") ? team.Whole("done") : 0;
            foreach (var item in Definition.Items)
            {
                var steps = team.Has(Task(item)) ? team.Whole(Task(item)) : Math.Min(left, item.Steps);
                left = Math.Max(0, left - steps);
                yield return new Entry.TaskTicked
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Task = item.Id,
                    Steps = steps,
                };
            }

            if (Definition.TimePoints is not null)
                yield return new Entry.TasksTimed
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Time = team.Seconds(team.Value("time")),
                };
        }
    }
}
