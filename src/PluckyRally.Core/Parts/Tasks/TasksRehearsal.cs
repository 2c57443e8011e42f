namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Tasks
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("done", "steps done", "", 0, Definition.Items.Sum(i => i.Steps));
                if (Definition.TimePoints is { } time) yield return Handle("time", "time", "s", 0, time.From, less: true);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var left = team.Whole("done");
            foreach (var item in Definition.Items)
            {
                var steps = Math.Min(left, item.Steps);
                left -= steps;
                yield return new Entry.TaskTicked { Id = default, Team = team.Team, Part = Definition.Id, Task = item.Id, Steps = steps };
            }

            if (Definition.TimePoints is not null) yield return new Entry.TasksTimed { Id = default, Team = team.Team, Part = Definition.Id, Time = team.Seconds(team.Value("time")) };
        }
    }
}
