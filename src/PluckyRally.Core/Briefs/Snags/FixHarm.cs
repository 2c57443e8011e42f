namespace PluckyRally.Core.Briefs;

/// <summary>
/// Says beside each fix what it would bring about, so that nobody fixes one thing and breaks another.
/// </summary>
public static class FixHarm
{
    /// <summary>Each fix is tried; more than so many are not read at once.</summary>
    private const int Most = 12;

    /// <summary>The snags, with what their fixes would bring about.</summary>
    /// <param name="brief">The brief in which they were found.</param>
    /// <param name="found">All that was found in it.</param>
    public static IReadOnlyList<Snag> Say(Brief brief, IReadOnlyList<Snag> found)
    {
        var known = found.Select(s => s.Key).ToHashSet();
        var tried = 0;
        return
        [
            .. found.Select(snag =>
                snag.Fix is { But: "" } fix && tried++ < Most
                    ? snag with
                    {
                        Fix = fix with { But = Of(brief, snag, fix, known) },
                    }
                    : snag
            ),
        ];
    }

    /// <summary>
    /// The first snag that is there only with the fix. A caution that it adds still has to be read, which is no harm.
    /// </summary>
    private static string Of(Brief brief, Snag snag, Fix fix, HashSet<string> known)
    {
        var corrected = Changes.Apply(brief, fix.Changes);
        return corrected.IsOk
            ? Snags
                .Of(corrected.Value.Value)
                .FirstOrDefault(s =>
                    s.Weight != SnagWeight.Hint && s.Id != snag.Id && s.Id != "caution" && !known.Contains(s.Key)
                )
                ?.What
                ?? ""
            : "";
    }
}
