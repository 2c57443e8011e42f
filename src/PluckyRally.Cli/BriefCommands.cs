using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Cli;

/// <summary>
/// Makes one file of another: the newest version of it, a brief as a tier runs it, a rally that begins with it.
/// </summary>
internal static class BriefCommands
{
    /// <summary>Prints a brief or a rally in the newest version of its format.</summary>
    public static int Upgrade(string path, TextWriter output, TextWriter error)
    {
        if (RallyFile.Text(path, error) is not { } text)
            return 2;
        return DocumentReader.FormatOf(text) == Rally.FormatName
            ? Print(path, DocumentReader.Rally(text), output, error)
            : Print(path, DocumentReader.Brief(text), output, error);
    }

    /// <summary>Prints a brief with a tier laid over it, and nothing left open.</summary>
    public static int Edition(string[] arguments, TextWriter output, TextWriter error)
    {
        if (Options.Read("edition", arguments, error) is not { } options || Laid(options, error) is not { } edition)
            return 2;
        output.WriteLine(Json.Write(edition));
        return 0;
    }

    /// <summary>Prints a rally with a brief and teams, before anything is recorded.</summary>
    public static int Begin(string[] arguments, TextWriter output, TextWriter error)
    {
        if (Options.Read("begin", arguments, error) is not { } options)
            return 2;
        if (options.Teams.Length == 0)
        {
            error.WriteLine("Which teams? Write --teams FILE: a text with a team's name on each line.");
            return 2;
        }

        if (Laid(options, error) is not { } edition || RallyFile.Text(options.Teams, error) is not { } names)
            return 2;
        var teams = names
            .Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
            .Select((name, i) => new Team { Id = new($"t{i + 1}"), Name = name });
        var rally = new Rally
        {
            Name = edition.Brief.Title,
            Edition = edition,
            Teams = [.. teams],
        };
        if (RallyFile.Say(options.Teams, OpenedRally.Open(rally).Problems, error) != 0)
            return 2;
        output.WriteLine(Json.Write(rally));
        return 0;
    }

    private static int Print<T>(string path, Result<Document<T>> read, TextWriter output, TextWriter error)
    {
        if (RallyFile.Say(path, read.Problems, error) != 0 || !read.IsOk)
            return 2;
        output.WriteLine(read.Value.Text);
        return 0;
    }

    /// <summary>The edition of a brief's file; null after saying what stands in the way.</summary>
    private static Edition? Laid(Options options, TextWriter error)
    {
        if (RallyFile.Text(options.File, error) is not { } text)
            return null;
        var read = DocumentReader.Brief(text);
        if (RallyFile.Say(options.File, read.Problems, error) != 0 || !read.IsOk)
            return null;
        var edition = Editions.Resolve(read.Value.Value, options.Tier);
        if (RallyFile.Say(options.File, edition.Problems, error) != 0 || !edition.IsOk)
            return null;
        var compiled = CompiledEdition.For(edition.Value);
        return RallyFile.Say(options.File, compiled.Problems, error) == 0 && compiled.IsOk
            ? compiled.Value.Edition
            : null;
    }

    private sealed record Options(string File, string Tier, string Teams)
    {
        public static Options? Read(string command, string[] arguments, TextWriter error)
        {
            var options = new Options("", "", "");
            for (var i = 0; i < arguments.Length; i++)
            {
                var more = i + 1 < arguments.Length;
                switch (arguments[i])
                {
                    case "--tier" when more:
                        options = options with { Tier = arguments[++i] };
                        break;
                    case "--teams" when more && command == "begin":
                        options = options with { Teams = arguments[++i] };
                        break;
                    case var file when options.File.Length == 0 && !file.StartsWith("--", StringComparison.Ordinal):
                        options = options with { File = file };
                        break;
                    case var other:
                        error.WriteLine(
                            $"“{other}” is not understood here. Write {command} BRIEF, then --tier TIER"
                                + $"{(command == "begin" ? " and --teams FILE" : "")}."
                        );
                        return null;
                }
            }

            if (options.File.Length > 0)
                return options;
            error.WriteLine($"Which brief? Write {command} BRIEF.");
            return null;
        }
    }
}
