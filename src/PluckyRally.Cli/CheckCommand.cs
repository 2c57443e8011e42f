using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Cli;

/// <summary>Says whether a file is in order.</summary>
internal static class CheckCommand
{
    public static int Run(string path, TextWriter output, TextWriter error)
    {
        if (RallyFile.Text(path, error) is not { } text)
            return 2;
        return DocumentReader.FormatOf(text) switch
        {
            Rally.FormatName => CheckRally(path, text, output, error),
            DayFile.FormatName => CheckWhole(
                path,
                DocumentReader.Day(text),
                day => day.Problems(),
                day => $"a fair day with {Count(day.Slots.Count, "rally", "rallies")}",
                output,
                error
            ),
            SchoolFile.FormatName => CheckWhole(
                path,
                DocumentReader.School(text),
                school => school.Problems(),
                _ => "a school's settings",
                output,
                error
            ),
            PlansFile.FormatName => CheckWhole(
                path,
                DocumentReader.Plans(text),
                plans => plans.Problems(),
                plans => Count(plans.Plans.Count, "plan", "plans"),
                output,
                error
            ),
            _ => CheckBrief(path, text, output, error),
        };
    }

    /// <summary>A file that is in order when what it says is: nothing has to be run.</summary>
    private static int CheckWhole<T>(
        string path,
        Result<Document<T>> read,
        Func<T, IReadOnlyList<Problem>> problems,
        Func<T, string> says,
        TextWriter output,
        TextWriter error
    )
    {
        if (RallyFile.Say(path, read.Problems, error) != 0 || !read.IsOk)
            return 2;
        if (RallyFile.Say(path, problems(read.Value.Value), error) != 0)
            return 2;
        output.WriteLine($"{path}: {says(read.Value.Value)}, in order.");
        return 0;
    }

    private static string Count(int count, string one, string several) => $"{count} {(count == 1 ? one : several)}";

    private static int CheckRally(string path, string text, TextWriter output, TextWriter error)
    {
        var read = DocumentReader.Rally(text);
        if (RallyFile.Say(path, read.Problems, error) != 0 || !read.IsOk)
            return 2;
        var opened = OpenedRally.Open(read.Value.Value);
        if (RallyFile.Say(path, opened.Problems, error) != 0 || !opened.IsOk)
            return 2;
        if (RallyFile.Say(path, opened.Value.Notes, error) != 0)
        {
            error.WriteLine($"{path}: These entries are set aside: they are kept and not scored.");
            return 2;
        }

        output.WriteLine(
            $"{path}: a rally of {opened.Value.Rally.Teams.Count} teams with "
                + $"{opened.Value.Rally.Entries.Count} entries, in order."
        );
        return 0;
    }

    /// <summary>A brief is in order when it and every tier of it can be run.</summary>
    private static int CheckBrief(string path, string text, TextWriter output, TextWriter error)
    {
        var read = DocumentReader.Brief(text);
        if (RallyFile.Say(path, read.Problems, error) != 0 || !read.IsOk)
            return 2;
        var brief = read.Value.Value;
        var problems = brief
            .Tiers.Select(t => t.Id)
            .Prepend("")
            .SelectMany(tier =>
            {
                var edition = Editions.Resolve(brief, tier);
                return edition.IsOk
                    ? CompiledEdition
                        .For(edition.Value)
                        .Problems.Select(p =>
                            brief.Tiers.FirstOrDefault(t => t.Id == tier) is { } laid ? Editions.InTier(laid, p) : p
                        )
                    : edition.Problems;
            })
            .ToList();
        if (RallyFile.Say(path, problems, error) != 0)
            return 2;
        output.WriteLine(
            $"{path}: a brief with {brief.Tiers.Count} {(brief.Tiers.Count == 1 ? "tier" : "tiers")}, in order."
        );
        foreach (var snag in Snags.Of(brief))
            output.WriteLine(
                $"  {snag.Weight.ToString().ToLowerInvariant()}: {snag.What}"
                    + $"{(snag.Tier.Length > 0 ? $" (in {snag.Tier})" : "")}"
            );
        return 0;
    }
}
