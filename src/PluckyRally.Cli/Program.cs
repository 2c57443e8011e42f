using PluckyRally.Cli;

return args switch
{
    ["score", .. var rest] => ScoreCommand.Run(rest, Console.Out, Console.Error),
    ["combine", .. var rest] => CombineCommand.Run(rest, Console.Out, Console.Error),
    ["check", var file] => CheckCommand.Run(file, Console.Out, Console.Error),
    ["upgrade", var file] => BriefCommands.Upgrade(file, Console.Out, Console.Error),
    ["edition", .. var rest] => BriefCommands.Edition(rest, Console.Out, Console.Error),
    ["begin", .. var rest] => BriefCommands.Begin(rest, Console.Out, Console.Error),
    ["read", .. var rest] => ReadCommand.Run(rest, Console.Out, Console.Error),
    ["save", .. var rest] => await DataCommands.Save(rest, Console.Out, Console.Error),
    ["restore", .. var rest] => await DataCommands.Restore(rest, Console.Out, Console.Error),
    ["schemas", var folder] => SchemasCommand.Run(folder, Console.Out),
    _ => Usage(),
};

static int Usage()
{
    Console.Error.WriteLine(
        """
        score FILE [--round N] [--why TEAM] [--json]   the standings of a rally's file
        score FILE --over-rounds [WAY] [--json]        the standing over its rounds: last, best, sum, mean
        combine FILE… [--by total|places|share|FIGURE] [--lists one|tier|class] [--points 5,3,1] [--anyway] [--json]
                                                       several rallies of one brief as one list, or several
        check FILE                                     whether a brief's or a rally's file is in order
        upgrade FILE                                   the same file in the newest version of its format
        edition BRIEF [--tier TIER]                    a brief with a tier laid over it
        begin BRIEF [--tier TIER] --teams FILE         a rally that begins with it; a team's name on each line of FILE
        read FILE [--brief]                            a challenge in plain words: its rules, or the brief it makes
        save FILE [--data DIR] [--demo]                everything in one file
        restore FILE [--data DIR] [--demo]             brings such a file in, or a copy back
        schemas FOLDER                                 writes the JSON Schemas of the formats
        """
    );
    return 2;
}
