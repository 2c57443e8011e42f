using System.Globalization;
using System.Text.Json.Nodes;

namespace PluckyRally.LoadRun;

/// <summary>A rally in one hall: its file, and what its judges record.</summary>
/// <param name="Teams">How many teams there are.</param>
/// <param name="Attempts">How many attempts each makes.</param>
/// <param name="Made">How many of them are made before the run begins.</param>
internal sealed record Hall(int Teams, int Attempts, int Made)
{
    /// <summary>A class with many helpers.</summary>
    public static Hall Small { get; } = new(6, 30, 3);

    /// <summary>A fair in its last hour.</summary>
    public static Hall Large { get; } = new(200, 30, 26);

    public static string Note(int judge, int before, Guid id) =>
        $$"""{ "kind": "noteMade", "id": "{{id}}", "team": "t{{(judge % 6) + 1}}", "text": "tests early" }""";

    private int _tried;

    /// <summary>
    /// What a judge records next: an attempt as long as there are any, a must-have, a task, a counter, a note.
    /// </summary>
    public string Entry(int judge, int before, Guid id)
    {
        if (before % 5 == 0 && Interlocked.Increment(ref _tried) is var tried && tried < Teams * (Attempts - Made))
            return $$"""
                { "kind": "trialRecorded", "id": "{{id}}", "team": "t{{(tried % Teams) + 1}}", "outcome": "counted",
                "readings": [{ "measure": "height", "typed": "{{120 + (tried % 80)}}" }] }
                """;

        // Judges go from team to team.
        var team = $"t{((judge + (before * 7)) % Teams) + 1}";
        return (before % 4) switch
        {
            0 => $$"""{ "kind": "noteMade", "id": "{{id}}", "team": "{{team}}", "text": "tests early" }""",
            1 => $$"""{ "kind": "ruleChecked", "id": "{{id}}", "team": "{{team}}", "rule": "stands", "met": true }""",
            2 => $$"""
                { "kind": "taskTicked", "id": "{{id}}", "team": "{{team}}", "part": "tasks", "task": "flag",
                "steps": {{before % 2}} }
                """,
            _ =>
                $$"""{ "kind": "tallied", "id": "{{id}}", "team": "{{team}}", "part": "tally", "counter": "helped" }""",
        };
    }

    /// <summary>The rally's file in the open format.</summary>
    public string File()
    {
        var random = new Random(4711);
        var count = 0;
        var entries = new JsonArray();
        foreach (var team in Enumerable.Range(1, Teams))
        {
            for (var attempt = 0; attempt < Made; attempt++)
            {
                var id = new Guid(++count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 9);
                var typed = (random.Next(120, 400) / 2m).ToString(CultureInfo.InvariantCulture);
                entries.Add(
                    JsonNode.Parse(
                        $$"""
                        { "kind": "trialRecorded", "id": "{{id}}", "team": "t{{team}}", "outcome": "counted",
                        "by": "Judge {{team % 12}}", "readings": [{ "measure": "height",
                        "typed": "{{typed}}" }] }
                        """
                    )
                );
            }
        }

        var teams = new JsonArray([
            .. Enumerable
                .Range(1, Teams)
                .Select(n => JsonNode.Parse($$"""{ "id": "t{{n}}", "name": "Team {{n}}", "members": 4 }""")),
        ]);
        var rally = JsonNode.Parse(
            $$"""
            {
              "format": "plucky-rally/rally", "version": 1, "name": "The hall",
              "edition": { "brief": {
                "title": "Marram masts", "goal": "Build a mast that stands by itself.",
                "measures": [{ "id": "height", "name": "Height", "kind": "length", "unit": "cm", "step": 0.5 }],
                "rules": [{ "id": "stands", "sort": "criterion", "text": "Stands by itself",
                "check": { "kind": "inspection" }, "ifMissed": { "kind": "deduct", "points": 2 } }],
                "trials": { "attempts": {{Attempts}} },
                "method": { "parts": [
                  { "kind": "measured", "id": "best", "name": "Highest", "value": "height", "better": "more",
                  "combine": "best", "curve": { "kind": "shareOfBest", "points": 30 } },
                  { "kind": "tasks", "id": "tasks", "name": "Tasks", "items": [{ "id": "flag", "name": "Flag",
                  "points": 3 }] },
                  { "kind": "tally", "id": "tally", "name": "Counters", "counters": [{ "id": "helped",
                  "name": "Helped", "points": 1 }] }
                ] }
              } },
              "teams": [], "entries": []
            }
            """
        )!;
        rally["teams"] = teams;
        rally["entries"] = entries;
        return rally.ToJsonString();
    }
}
