namespace PluckyRally.Core;

/// <summary>Works out a rubric.</summary>
internal static class RubricScore
{
    public static PartValue Value(Part.Rubric part, DesignRecord design)
    {
        var given = PartEntries.Of<Entry.LevelGiven>(design, part.Id);
        var lines = new List<PartLine>();
        decimal sum = 0;
        var facts = new List<Worth>(part.Criteria.Count);
        foreach (var criterion in part.Criteria)
        {
            var words = Words(part, given.Where(g => g.Criterion == criterion.Id), design.Team.Team.Id);
            if (words.Count == 0) return PartValue.Without(new Absence.NotJudged(criterion)) with { Lines = lines };
            var points = words.Sum(w => criterion.Levels[w.Level].Points) / words.Count;
            sum += points;
            facts.Add(new(points));
            var how = words.Count == 1
                ? criterion.Levels[words[0].Level].Name
                : $"the mean of {words.Count} {(part.Voice == RubricVoice.Peers ? "teams" : "judges")}, {string.Join(" + ", words.Select(w => Numerals.Write(criterion.Levels[w.Level].Points)))} ÷ {words.Count}";
            lines.Add(new($"{criterion.Name}: {how}, {MethodWords.Points(points)}.", [.. words.Select(w => w.Id)]));
        }

        return PartValue.Scored(sum, lines) with { Facts = facts };
    }

    /// <summary>The last word of each voice that counts, by each who judged where their mean is taken.</summary>
    private static List<Entry.LevelGiven> Words(Part.Rubric part, IEnumerable<Entry.LevelGiven> given, string team) =>
    [
        .. given
            .Where(g => part.Voice switch
            {
                RubricVoice.Teacher => g.From.Length == 0,
                RubricVoice.Peers => g.From.Length > 0 && g.From != team,
                RubricVoice.Self => g.From == team,
            })
            .GroupBy(g => (g.From, By: part is { Voice: RubricVoice.Teacher, Judges: RubricJudges.Mean } ? g.By : ""))
            .Select(g => g.Last())
            .OrderBy(g => g.From, StringComparer.Ordinal),
    ];
}
