using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out a rubric.</summary>
internal static class RubricScore
{
    public static PartValue Value(Part.Rubric part, DesignRecord design)
    {
        var given = PartEntries.Of<Entry.LevelGiven>(design, part.Id);
        var steps = new List<Working>();
        decimal sum = 0;
        var facts = new List<BoundedValue>(part.Criteria.Count);
        foreach (var criterion in part.Criteria)
        {
            var all = given.Where(g => g.Criterion == criterion.Id).ToList();
            var words = Given(part, all, design.Team.Team.Id);
            if (words.Count == 0)
                return PartValue.Without(new Absence.NotJudged(criterion)) with { Steps = steps };
            var levels = words.Select(w => w.Level).ToList();
            if (part.IsAgreed)
            {
                levels = [.. levels.Distinct()];
                if (levels.Count > 1)
                    return PartValue.Without(
                        new Absence.LevelsDiffer(
                            criterion,
                            [.. words.Select(w => (w.By, criterion.Levels[w.Level].Name))]
                        )
                    ) with
                    {
                        Steps = steps,
                    };
            }

            var judges = part.IsLastWord ? all.Select(w => w.By).Distinct().Count() : 1;
            var judged = new Working.Judged(criterion, levels, part.Voice, judges)
            {
                Entries = [.. words.Select(w => w.Id)],
            };
            sum += judged.Adds;
            facts.Add(new(judged.Adds));
            steps.Add(judged);
        }

        return PartValue.Scored(sum, steps) with
        {
            Facts = facts,
        };
    }

    /// <summary>The last word of each voice that counts, by each who judged unless the last one alone counts.</summary>
    private static List<Entry.LevelGiven> Given(Part.Rubric part, IEnumerable<Entry.LevelGiven> given, TeamId team) =>
        [
            .. given
                .Where(g =>
                    part.Voice switch
                    {
                        RubricVoice.Teacher => g.From == default,
                        RubricVoice.Peers => g.From != default && g.From != team,
                        RubricVoice.Self => g.From == team,
                    }
                )
                .GroupBy(g => (g.From, By: part.Voice == RubricVoice.Teacher && !part.IsLastWord ? g.By : ""))
                .Select(g => g.Last())
                .OrderBy(g => g.From.Value, StringComparer.Ordinal),
        ];
}
