namespace PluckyRally.Core.Briefs;

/// <summary>A sheet without a goal, or one that gives the answer away.</summary>
internal static class SheetSnags
{
    /// <summary>A hint shorter than this may well stand in the sheet by chance.</summary>
    private const int ShortestHint = 16;

    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        if (scene.Brief.Goal.Trim().Length == 0)
            yield return new(
                "goal",
                SnagWeight.Matters,
                "/goal",
                "The brief has no goal.",
                "Students should be able to say in one sentence what they are to do."
            );
        if (scene.Brief.Story.Trim().Length == 0)
            yield return new(
                "story",
                SnagWeight.Hint,
                "/story",
                "There is no story yet.",
                "A story gives students a reason to solve it."
            );
        if (scene.Brief.Teacher.Questions.Count == 0)
            yield return new(
                "questions",
                SnagWeight.Hint,
                "/teacher/questions",
                "There are no debrief questions.",
                "In the debrief, students put what they learned into words."
            );
        for (var i = 0; i < scene.Brief.Teacher.Hints.Count; i++)
        {
            var hint = Plain(scene.Brief.Teacher.Hints[i]);
            if (hint.Length < ShortestHint)
                continue;
            foreach (var (at, text) in scene.Texts.Where(t => Plain(t.Text).Contains(hint, StringComparison.Ordinal)))
                yield return new(
                    "answer",
                    SnagWeight.Matters,
                    at,
                    "The student sheet gives away one of your hints.",
                    "A sheet that shows the answer leaves nothing to invent.",
                    Without(at, text, scene.Brief.Teacher.Hints[i])
                );
        }
    }

    private static Fix? Without(string at, string text, string hint)
    {
        var start = text.IndexOf(hint.Trim().TrimEnd('.'), StringComparison.OrdinalIgnoreCase);
        if (start < 0)
            return null;
        var rest = (text[..start] + text[(start + hint.Trim().TrimEnd('.').Length)..].TrimStart('.', ' ')).Trim();
        return new("Take it off the sheet", [Change.Set(at, rest)]);
    }

    private static string Plain(string text) =>
        new([.. text.ToLowerInvariant().Where(c => char.IsLetterOrDigit(c) || c == ' ')]);
}
