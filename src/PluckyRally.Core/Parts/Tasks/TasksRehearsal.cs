namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Tasks
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("done", "steps done", "", 0, Is.Items.Sum(i => i.Steps));
                if (Is.TimePoints is { } time) yield return Handle("time", "time", "s", 0, time.From);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var left = team.Whole("done");
            foreach (var item in Is.Items)
            {
                var steps = Math.Min(left, item.Steps);
                left -= steps;
                yield return new Entry.TaskTicked { Id = default, Team = team.Team, Part = Is.Id, Task = item.Id, Steps = steps };
            }

            if (Is.TimePoints is not null) yield return new Entry.TasksTimed { Id = default, Team = team.Team, Part = Is.Id, Time = team.Seconds(team.Value("time")) };
        }
    }
}
