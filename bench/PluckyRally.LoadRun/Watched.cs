using System.Globalization;
using System.Text;

namespace PluckyRally.LoadRun;

/// <summary>What the server holds, looked at every second: memory and open handles.</summary>
internal sealed class Watched(ServerUnderLoad server)
{
    private readonly List<(double Megabytes, int Handles)> _seen = [];

    public void Look() => _seen.Add((server.Megabytes, server.Handles));

    public override string ToString() =>
        $"memory: {_seen[0].Megabytes:0} MB at first, {_seen[_seen.Count / 2].Megabytes:0} in the middle, "
        + $"{_seen[^1].Megabytes:0} at the end, {_seen.Max(s => s.Megabytes):0} at most; handles: "
        + $"{_seen[0].Handles}, {_seen[_seen.Count / 2].Handles}, {_seen[^1].Handles}, "
        + $"{_seen.Max(s => s.Handles)} at most";

    /// <summary>Draws both over time, each from 0 to its most.</summary>
    public string Draw()
    {
        const int Width = 900;
        const int Height = 220;
        var svg = new StringBuilder();
        svg.Append(
            CultureInfo.InvariantCulture,
            $"""
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {Width + 100} {(Height * 2) + 90}"
              font-family="sans-serif" font-size="14"><rect width="100%" height="100%" fill="#fff"/>
            """
        );
        Line("Memory, MB", 20, [.. _seen.Select(s => s.Megabytes)]);
        Line("Open handles", Height + 60, [.. _seen.Select(s => (double)s.Handles)]);
        return svg.Append("</svg>\n").ToString();

        void Line(string name, int top, IReadOnlyList<double> values)
        {
            var most = values.Max();
            var points = string.Join(
                ' ',
                values.Select(
                    (v, i) =>
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"{60 + (i * Width / (double)Math.Max(1, values.Count - 1)):0.0},"
                                + $"{top + Height - (v / most * Height):0.0}"
                        )
                )
            );
            svg.Append(
                CultureInfo.InvariantCulture,
                $"""
                <text x="60" y="{top - 4}">{name}</text>
                <text x="52" y="{top + 10}" text-anchor="end">{most:0}</text>
                <text x="52" y="{top + Height}" text-anchor="end">0</text>
                <path d="M60 {top}V{top + Height}H{60 + Width}" fill="none" stroke="#888"/>
                <polyline points="{points}" fill="none" stroke="#136f8a" stroke-width="1.5"/>
                <text x="{60 + Width}" y="{top + Height + 16}" text-anchor="end">{values.Count / 60.0:0.#} min</text>
                """
            );
        }
    }
}
