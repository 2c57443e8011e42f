using System.Text.RegularExpressions;
using PluckyRally.Core.Documents;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// Reads every sheet that ships as somebody would who proofreads it (the marks of a careless text: common practice, no
/// source).
/// </summary>
public sealed class StudentSheetReadingTests
{
    public static TheoryData<string> Briefs =>
        new(
            Directory
                .GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.brief.json")
                .Select(f => Path.GetFileName(f)!)
                .Order(StringComparer.Ordinal)
                .Concat(
                    from pattern in Enum.GetNames<Pattern>()
                    from units in Enum.GetNames<UnitSystem>()
                    select $"{pattern} {units}"
                )
        );

    [Theory]
    [MemberData(nameof(Briefs))]
    public void Nothing_in_it_looks_put_together(string which)
    {
        foreach (var (tier, brief) in Editions(which))
        {
            var sheet = StudentSheet.Of(brief);
            foreach (var line in Lines(sheet))
            {
                line.ShouldNotMatch(@"[.,;:!?][.,;:]|\.\?|\s[.,;:]|\s\s|\(\s*\)|“\s*”|:\s*$|^\W*$", $"{which} {tier}");
                line.ShouldNotMatch(@"\d[.,]\d{4,}", $"{which} {tier}");
                line.Count(c => c == '(').ShouldBe(line.Count(c => c == ')'), line);
                line.ShouldNotMatch(
                    @"(?<![.,\d])1 \w+s\b(?<!\b1 (pass|glass|lens|success|class))",
                    $"{which} {tier}: one of it is said as several"
                );
                line.ShouldNotMatch(@"\b(\w+) \1\b", $"{which} {tier}: a word stands twice");
            }
        }
    }

    /// <summary>The blank one has no method yet of which anything could be said.</summary>
    public static TheoryData<string> WithMethod =>
        new(Briefs.Select(b => b.Data).Where(b => !b.StartsWith($"{Pattern.Blank} ", StringComparison.Ordinal)));

    [Theory]
    [MemberData(nameof(WithMethod))]
    public void It_says_how_many_runs_there_are_what_points_are_for_and_who_wins(string which)
    {
        foreach (var (tier, brief) in Editions(which))
        {
            var sheet = StudentSheet.Of(brief);
            if (
                brief.Measures.Any(m => m is { Off: false, Taken: ReadOccasion.EachAttempt })
                && brief.Method.Parts.Any(p => p is Part.Measured { Off: false })
            )
                sheet.Test.Count(l => Attempts.IsMatch(l)).ShouldBe(1, $"{which} {tier}");
            foreach (var part in brief.Method.Parts.Where(p => !p.Off))
            {
                var says = sheet.Scoring.Single(l => l.StartsWith($"{part.Name}: ", StringComparison.Ordinal));
                says.ShouldMatch(@"\d points?\b", $"{which} {tier}");
            }

            sheet
                .Scoring.Count(l =>
                    l.EndsWith("total wins.", StringComparison.Ordinal)
                    || l.EndsWith("points are better.", StringComparison.Ordinal)
                    || l.StartsWith("Nobody wins", StringComparison.Ordinal)
                )
                .ShouldBe(1, $"{which} {tier}");
            sheet.Awards.Count.ShouldBe(brief.Method.Awards.Count(a => !a.Off), $"{which} {tier}");
            sheet.Prices.Count.ShouldBe(
                brief.Method.Parts.OfType<Part.Budget>().Where(b => !b.Off).Sum(b => b.Prices.Count + 2),
                $"{which} {tier}"
            );
        }
    }

    /// <summary>
    /// What is built in is read by the students of the grades that it is for: no harder than one grade above the oldest
    /// of them, which is where a teacher's own text would be a snag (Flesch–Kincaid grade level).
    /// </summary>
    [Theory]
    [MemberData(nameof(Briefs))]
    public void It_is_read_with_ease_in_the_grades_that_it_is_for(string which)
    {
        foreach (var (tier, brief) in Editions(which))
            if (GradeBands.Oldest(brief.Grades) is { } oldest)
                Readability
                    .Of(string.Join('\n', Lines(StudentSheet.Of(brief))))
                    .Grade.ShouldBeLessThanOrEqualTo(oldest + 1, $"{which} {tier}");
    }

    private static IEnumerable<(string Tier, Brief Brief)> Editions(string which)
    {
        if (!which.EndsWith(".json", StringComparison.Ordinal))
        {
            var words = which.Split(' ');
            foreach (var grades in Enum.GetValues<GradeBand>().Where(g => g != GradeBand.Unsaid))
                yield return (
                    $"{grades}",
                    Patterns.Begin(Enum.Parse<Pattern>(words[0]), grades, Enum.Parse<UnitSystem>(words[1]))
                );
            yield break;
        }

        var whole = DocumentReader
            .Brief(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", which)))
            .OrThrow()
            .Value;
        foreach (var tier in whole.Tiers.Select(t => t.Id).Append(""))
            yield return (tier, Core.Briefs.Editions.Resolve(whole, tier).OrThrow().Brief);
    }

    private static IEnumerable<string> Lines(StudentSheet sheet) =>
        new[]
        {
            sheet.Criteria,
            sheet.Constraints,
            sheet.Materials,
            sheet.Prices,
            sheet.Test,
            sheet.Conditions,
            sheet.Scoring,
            sheet.Awards,
            sheet.AtHome,
            sheet.Time,
            sheet.Words,
            sheet.Safety,
        }.SelectMany(l => l);

    private static readonly Regex Attempts = new(@"^You have (one|\d+) attempts?\.");
}
