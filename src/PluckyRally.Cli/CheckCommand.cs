using PluckyRally.Core;

namespace PluckyRally.Cli;

/// <summary>Says whether a file is in order.</summary>
internal static class CheckCommand
{
    public static int Run(string path, TextWriter output, TextWriter error)
    {
        if (RallyFile.Text(path, error) is not { } text)
            return 2;
        return DocumentReader.FormatOf(text) == Rally.FormatName
            ? CheckRally(path, text, output, error)
            : CheckBrief(path, text, output, error);
    }

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
