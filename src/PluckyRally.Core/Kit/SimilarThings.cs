using PluckyRally.Core.Words;

namespace PluckyRally.Core.Kit;

/// <summary>
/// Finds what may be the same thing under another name: "tape" and "masking tape", "popsicle sticks" and "popsickle
/// sticks". Only the teacher says whether it is.
/// </summary>
public static class SimilarThings
{
    /// <summary>A name of so many letters may hold one slip of the pen; one of twice as many holds two.</summary>
    private const int LettersToASlip = 5;

    /// <summary>What in the cupboard may be the same as what is called so; null where nothing is.</summary>
    /// <param name="name">A name that is not the cupboard's.</param>
    /// <param name="unit">Its unit; empty for pieces.</param>
    /// <param name="cupboard">What there is.</param>
    public static CupboardItem? To(string name, string unit, IReadOnlyList<CupboardItem> cupboard)
    {
        var there = new OnHand(cupboard);
        var own = there.Find(name, unit).Key;
        var words = Words(name);
        return cupboard
            .Where(i => there.Find(i.Name, i.Unit).Key != own)
            .FirstOrDefault(i => AreAlike(words, Words(i.Name)));
    }

    /// <summary>
    /// Whether they end in the same word and one only says more than the other, or are written nearly alike.
    /// </summary>
    private static bool AreAlike(IReadOnlyList<string> one, IReadOnlyList<string> other)
    {
        if (one.Count == 0 || other.Count == 0)
            return false;
        var (shorter, longer) = one.Count <= other.Count ? (one, other) : (other, one);
        if (shorter[^1] == longer[^1] && !shorter.Except(longer).Any())
            return true;
        var (a, b) = (string.Join(' ', one), string.Join(' ', other));
        var slips = Math.Min(a.Length, b.Length) / LettersToASlip;
        return slips > 0 && Slips(a, b) <= Math.Min(slips, 2);
    }

    private static IReadOnlyList<string> Words(string name) =>
        [
            .. name.ToLowerInvariant()
                .Split([' ', '-', '(', ')', ','], StringSplitOptions.RemoveEmptyEntries)
                .Select(English.One),
        ];

    /// <summary>Letters to be changed, added or left out (Levenshtein 1966).</summary>
    private static int Slips(string a, string b)
    {
        var row = Enumerable.Range(0, b.Length + 1).ToArray();
        for (var i = 1; i <= a.Length; i++)
        {
            var before = row[0];
            row[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                var changed = before + (a[i - 1] == b[j - 1] ? 0 : 1);
                before = row[j];
                row[j] = Math.Min(changed, Math.Min(row[j], row[j - 1]) + 1);
            }
        }

        return row[^1];
    }
}
