namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Bins
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("right", "items right", "", 0, Is.Items.Count);
                if (Is.SecondsPerWrong is not null) yield return Handle("time", "time", "s", 0, 300);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var right = team.Whole("right");
            yield return new Entry.ItemsSorted
            {
                Id = default,
                Team = team.Team,
                Part = Is.Id,
                Placed = Is.Items.Select((item, i) => (item.Id, Bin: i < right ? item.Bin : Is.Names.FirstOrDefault(n => n != item.Bin) ?? item.Bin)).ToDictionary(p => p.Id, p => p.Bin),
                Time = Is.SecondsPerWrong is null ? null : team.Seconds(team.Value("time")),
            };
        }
    }
}
