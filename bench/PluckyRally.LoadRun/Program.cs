using PluckyRally.LoadRun;

// dotnet run -c Release --project bench/PluckyRally.LoadRun [many | hall | fair | soak] [SECONDS]
var which = args.Length > 0 ? args[0] : "many";
TimeSpan Length(int usual) =>
    TimeSpan.FromSeconds(args.Length > 1 && int.TryParse(args[1], out var seconds) ? seconds : usual);
var root = AppContext.BaseDirectory;
while (!File.Exists(Path.Combine(root, "PluckyRally.slnx")))
    root = Path.GetDirectoryName(root.TrimEnd('/'))!;
switch (which)
{
    case "many":
        await ManyRallies.Run(root, Length(30));
        return 0;
    case "hall":
        await OneRally.Run(root, Hall.Small, judges: 80, walls: 10, perSecond: 100, Length(30));
        return 0;
    case "fair":
        await OneRally.Run(root, Hall.Large, judges: 12, walls: 2, perSecond: 20, Length(30));
        return 0;
    case "soak":
        await OneRally.Run(
            root,
            Hall.Small,
            judges: 40,
            walls: 4,
            perSecond: 20,
            Length(1200),
            Path.Combine(root, "docs", "soak.svg")
        );
        return 0;
    default:
        Console.Error.WriteLine(
            $"There is no run “{which}”. Use many, hall, fair or soak, then how many seconds it lasts."
        );
        return 2;
}
