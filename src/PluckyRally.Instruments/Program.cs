using System.Globalization;
using PluckyRally.Instruments;

// Simulated stand-ins for a scale, a tape, light gates and a pull gauge. They connect to Plucky Rally as real ones
// would.
var port = 5081;
var wanted = new List<string>();
var alone = false;
for (var i = 0; i < args.Length; i++)
{
    switch (args[i])
    {
        case "--port"
            when i + 1 < args.Length
                && int.TryParse(args[i + 1], NumberStyles.None, CultureInfo.InvariantCulture, out var said)
                && said is > 0 and < 65536:
            port = said;
            i++;
            break;
        case "--alone":
            alone = true;
            break;
        case var id when Make.All.Any(m => m.Id == id):
            wanted.Add(id);
            break;
        case var other:
            await Console.Error.WriteLineAsync(
                $"“{other}” is not understood. Use: [scale] [tape] [gates] [pull] [--port N] [--alone]"
            );
            return 2;
    }
}

using var ended = new CancellationTokenSource();
Console.CancelKeyPress += (_, pressed) =>
{
    pressed.Cancel = true;
    ended.Cancel();
};
AppDomain.CurrentDomain.ProcessExit += (_, _) => ended.Cancel();
var lines = Make
    .All.Where(m => wanted.Count == 0 || wanted.Contains(m.Id))
    .Select(m => new Connection(new StandIn(m), port, alone))
    .ToList();
if (!alone)
    Console.WriteLine(
        $"{string.Join(", ", lines.Select(l => l.Id))} at port {port}. Type “scale put 37.4”, “scale take”, "
            + "“scale unit”, “scale zero”, “scale lose”, “scale back”, “gates run 12.34”; an empty line ends it."
    );
var running = Task.WhenAll(lines.Select(l => l.Run(ended.Token)));
if (alone)
{
    await running;
    return 0;
}

while (await Console.In.ReadLineAsync(ended.Token) is { Length: > 0 } typed)
{
    var said = typed.Split(' ', 2, StringSplitOptions.RemoveEmptyEntries);
    var line = lines.FirstOrDefault(l => l.Id == said[0]);
    if (line is null || said.Length < 2 || !line.Do(said[1]))
        Console.WriteLine($"“{typed}” is not understood.");
}

await ended.CancelAsync();
await running;
return 0;
