namespace PluckyRally.Core.Briefs;

/// <summary>A sheet that its readers cannot read.</summary>
internal static class ReadingSnags
{
    /// <summary>Below so many words the formula says nothing.</summary>
    private const int FewestWords = 40;

    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        if (GradeBands.Oldest(scene.Brief.Grades) is not { } oldest)
            yield break;
        var text = string.Join("\n", scene.Texts.Where(t => t.At != "/title").Select(t => t.Text));
        var all = Readability.Of(text);
        if (all.Words < FewestWords || all.Grade <= oldest + 1)
            yield break;
        var hardest = scene
            .Texts.Where(t => Readability.Of(t.Text).Words >= 8)
            .OrderByDescending(t => Readability.Of(t.Text).Grade)
            .FirstOrDefault();
        yield return new(
            "reading",
            all.Grade > oldest + 3 ? SnagWeight.Matters : SnagWeight.Hint,
            hardest.At ?? "/story",
            $"The sheet reads like grade {all.Grade:0}, and it is for {GradeBands.Name(scene.Brief.Grades)}.",
            "Students would need it read out. Shorter sentences and shorter words help; this is the hardest "
                + "text. (Flesch–Kincaid grade level.)"
        );
    }
}
