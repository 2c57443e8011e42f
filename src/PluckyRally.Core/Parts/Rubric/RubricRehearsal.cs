using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Rubric
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                foreach (var criterion in Definition.Criteria)
                    yield return Handle(
                        criterion.Id,
                        criterion.Name,
                        "",
                        0,
                        criterion.Levels.Count - 1,
                        words: [.. criterion.Levels.Select(l => l.Name)]
                    );
            }
        }

        public override IEnumerable<ThingCame> Came(DesignRecord design) =>
            PartEntries.Of<Entry.LevelGiven>(design, Definition.Id).Select(l => CameOf(l.Criterion, l.Level));

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var from = Definition.Voice switch
            {
                RubricVoice.Teacher => default,
                RubricVoice.Self => team.Team,
                RubricVoice.Peers => team.Next,
            };
            foreach (var criterion in Definition.Criteria)
                yield return new Entry.LevelGiven
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Criterion = criterion.Id,
                    Level = team.Whole(criterion.Id),
                    From = from,
                };
        }
    }
}
