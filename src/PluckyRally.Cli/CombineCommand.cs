using PluckyRally.Core.Files;
using PluckyRally.Core.Results;

namespace PluckyRally.Cli;

/// <summary>Prints several rallies' files as one list, a list for each tier or one for each class.</summary>
internal static class CombineCommand
{
    public static int Run(string[] arguments, TextWriter output, TextWriter error)
    {
        if (Options.Read(arguments, error) is not { } options)
            return 2;
        var chosen = Combined.Read(options.Figure, options.By, options.Lists, options.Anyway, options.PlacePoints);
        if (!chosen.IsOk)
        {
            foreach (var problem in chosen.Problems)
                error.WriteLine($"{problem.What} {problem.Remedy}");
            return 2;
        }

        var joining = new List<RallyJoining>();
        foreach (var file in options.Files)
        {
            if (RallyFile.Open(file, error) is not { } opened)
                return 2;
            joining.Add(new(new(Guid.CreateVersion7()), opened, opened.Running));
        }

        var all = OverAll.Of(joining, chosen.Value);
        if (chosen.Value.By == CombinedBy.Share && all.NoShare.Length > 0)
        {
            error.WriteLine($"{all.NoShare} Or combine them by total or by places.");
            return 2;
        }

        if (options.Json)
            output.WriteLine(Json.Write(all));
        else
            Write(all, joining[0].Opened.Rally.Edition.Brief.Title, output);
        return 0;
    }

    private static void Write(OverAll all, string title, TextWriter output)
    {
        output.WriteLine($"{title}. {all.WinsText}");
        foreach (var list in all.Lists)
        {
            if (list.Name.Length > 0)
                output.WriteLine($"\n{list.Name}");
            List<string[]> lines =
            [
                ["Place", "Team", "Class", all.Shown],
                .. list.Rows.Select(r => (string[])[$"{r.Place}", r.Name, r.Class, r.Text]),
            ];
            StandingsTable.WriteColumns(lines, output);
            foreach (var row in list.Rows.Where(r => r.Reason.Length > 0))
                output.WriteLine($"{row.Name}: {row.Reason}");
            foreach (var differs in list.Differs)
                output.WriteLine(differs);
        }
    }

    private sealed record Options
    {
        public IReadOnlyList<string> Files { get; init; } = [];
        public string Figure { get; init; } = "";
        public string By { get; init; } = "value";
        public string Lists { get; init; } = "one";
        public string PlacePoints { get; init; } = "";
        public bool Anyway { get; init; }
        public bool Json { get; init; }

        public static Options? Read(string[] arguments, TextWriter error)
        {
            var options = new Options();
            for (var i = 0; i < arguments.Length; i++)
            {
                var more = i + 1 < arguments.Length;
                switch (arguments[i])
                {
                    case "--json":
                        options = options with { Json = true };
                        break;
                    case "--anyway":
                        options = options with { Anyway = true };
                        break;
                    case "--by" when more:
                        options = options with
                        {
                            // On a command line it is said in the words of a list: by total, by places, or a figure.
                            By = arguments[i + 1] switch
                            {
                                "places" => nameof(CombinedBy.PlacePoints),
                                "share" => nameof(CombinedBy.Share),
                                _ => nameof(CombinedBy.Value),
                            },
                            Figure = arguments[i + 1] is "places" or "share" or "total" ? "" : arguments[i + 1],
                        };
                        i++;
                        break;
                    case "--lists" when more:
                        options = options with { Lists = arguments[++i] };
                        break;
                    case "--points" when more:
                        options = options with { PlacePoints = arguments[++i] };
                        break;
                    case var file when !file.StartsWith("--", StringComparison.Ordinal):
                        options = options with { Files = [.. options.Files, file] };
                        break;
                    case var other:
                        error.WriteLine(
                            $"“{other}” is not understood here. Write combine FILE…, then "
                                + "--by total, places, share or a figure, --lists one, tier or class, "
                                + "--points 5,3,1, --anyway or --json."
                        );
                        return null;
                }
            }

            if (options.Files.Count is >= 1 and <= Combined.Most)
                return options;
            error.WriteLine($"Which files? Write combine FILE…, with 1 to {Combined.Most} files.");
            return null;
        }
    }
}
