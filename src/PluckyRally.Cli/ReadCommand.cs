using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Readings;

namespace PluckyRally.Cli;

/// <summary>Reads a challenge in plain words: what it proposes, what it asks, what it does not understand.</summary>
internal static class ReadCommand
{
    public static int Run(string[] arguments, TextWriter output, TextWriter error)
    {
        if (arguments.Where(a => a != "--brief").ToArray() is not [var path])
        {
            error.WriteLine("Which text? Write read FILE, and --brief for the brief that it makes.");
            return 2;
        }

        if (RallyFile.Text(path, error) is not { } text)
            return 2;
        if (BriefReader.TooLong(text) is { } problem)
            return RallyFile.Say(path, [problem], error);

        var brief = new Brief();
        var read = BriefReader.Read(text, brief, UnitSystem.Customary);
        if (!arguments.Contains("--brief"))
        {
            output.WriteLine(
                Json.Write(
                    new
                    {
                        Proposals = read.Proposals.Select(Shown),
                        Questions = read.Questions.Select(q => new
                        {
                            q.Asks,
                            From = Place(q.From),
                            Readings = q.Readings.Select(Shown),
                        }),
                        Unread = read.Unread.Select(u => new { From = Place(u), Text = text[u.From..u.To] }),
                    }
                )
            );
            return 0;
        }

        var made = Changes.Apply(brief, read.Changes(text, brief, Taken.All));
        if (RallyFile.Say(path, made.Problems, error) != 0 || !made.IsOk)
            return 2;
        output.WriteLine(made.Value.Text);
        return 0;
    }

    private static object Shown(Proposal proposal) =>
        new
        {
            proposal.At,
            proposal.Value,
            From = Place(proposal.From),
            proposal.Says,
        };

    private static int[] Place(TextRange range) => [range.From, range.To];
}
