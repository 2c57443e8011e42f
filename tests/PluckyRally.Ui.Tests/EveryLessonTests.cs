using System.Text.Json;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// A lesson of each sort of scoring, whole: the desk, a judge's tablet, a judge's phone whose line is cut, and a wall.
/// What comes out was worked out by hand and stands beside it. They take minutes: <c>./test lessons</c> runs them.
/// </summary>
public sealed class EveryLessonTests : ScreenTest
{
    /// <summary>One for each test: codes can be tried ten times a minute.</summary>
    private readonly ClassroomServer _server = new();

    private string _rally = "";
    private Browser _desk = null!;
    private Browser _tablet = null!;
    private Browser _phone = null!;
    private Browser _wall = null!;

    protected override void Close() => _server.Dispose();

    /// <summary>
    /// Plovers: kept both, then it broke: 1 of 2. Whelks, without a line: one of the two missed, then it broke: none.
    /// Terns: both, twice.
    /// </summary>
    [Fact(Explicit = true)]
    public void Passed_or_not()
    {
        Begin(
            """
            { "format": "plucky-rally/brief", "version": 3, "title": "A lantern hook", "trials": { "attempts": 2 },
              "rules": [ { "id": "holds", "sort": "criterion", "text": "It holds the lantern", "when": "everyAttempt",
                "check": { "kind": "inspection" }, "ifMissed": { "kind": "doesNotPlace" } },
                { "id": "dry", "sort": "criterion", "text": "The wick stays dry", "when": "everyAttempt",
                "check": { "kind": "inspection" }, "ifMissed": { "kind": "doesNotPlace" } } ],
              "method": { "ranking": false } }
            """,
            "Plovers",
            "Whelks",
            "Terns"
        );
        Attempt(_tablet, "Met", "Met");
        _tablet.See("Attempt 2 of 2");
        Fails(_tablet);

        _phone.ClickLink("Whelks open");
        _phone.Offline(true);
        Attempt(_phone, "Met", "Missed");
        _phone.See("Attempt 2 of 2");
        Fails(_phone);
        _phone.See("an attempt, not sent yet");
        _phone.See("4 kept on this device, not sent yet.");
        _phone.Offline(false);
        _phone.SeeNot("kept on this device");

        _tablet.ClickLink("Terns open");
        Attempt(_tablet, "Met", "Met");
        Attempt(_tablet, "Met", "Met");
        _tablet.See("All attempts have been made.");

        _desk.Open($"/rallies/{_rally}/results");
        _desk.See("did it in 1 of 2 attempts");
        _desk.See("not yet in 2 attempts");
        _desk.See("did it in all 2 attempts");
        _desk.Text.ShouldNotContain("not placed");
        ShowBoard();
        _wall.See("did it in 1 of 2 attempts");
        _wall.Text.ShouldNotContain("place");
    }

    /// <summary>
    /// Bins: 12 right are 24, and 4 for all of them: 28. One of them in a wrong tray: 11 right are 22, less 1: 21.
    /// </summary>
    [Fact(Explicit = true)]
    public void Sorting()
    {
        BeginDemo("strandline-sort", "Plovers", "Whelks");
        _desk.Open($"/rallies/{_rally}/score/t1");
        _desk.ClickButton("All as in the key");
        _desk.ClickButton("Record this answer");
        _desk.See("28 points");

        _phone.ClickLink("Whelks open");
        _phone.Offline(true);
        foreach (var (bin, items) in Trays)
        foreach (var item in items)
            _phone.ClickButton($"{item} in {(item == "net cork" ? "plants" : bin)}");
        _phone.ClickButton("Record this answer");
        _phone.See("1 kept on this device, not sent yet.");
        _phone.Offline(false);
        _phone.SeeNot("kept on this device");
        _phone.See("Complete");
        Comes(("Plovers", "28.0"), ("Whelks", "21.0"));
    }

    private static readonly (string Bin, string[] Items)[] Trays =
    [
        ("animals", ["mussel shell", "crab claw", "gull feather", "mermaid’s purse"]),
        ("plants", ["bladder wrack", "kelp stalk", "driftwood", "marram grass"]),
        ("people", ["blue rope", "net cork", "sea glass", "bottle lid"]),
    ];

    /// <summary>
    /// Each job is a point. Plovers are first to 8: 8 + 15. Whelks second: 8 + 10. Terns have 6 when the round is
    /// closed, Knots none.
    /// </summary>
    [Fact(Explicit = true)]
    public void First_to_eight_of_twelve()
    {
        var jobs = string.Join(
            ", ",
            Enumerable.Range(1, 12).Select(i => $$"""{ "id": "job{{i}}", "name": "job {{i}}", "points": 1 }""")
        );
        Begin(
            $$"""
            { "format": "plucky-rally/brief", "version": 3, "title": "Jobs about the harbor",
              "method": { "parts": [ { "kind": "tasks", "id": "jobs", "name": "Jobs", "items": [ {{jobs}} ],
                "race": { "done": 8, "bonuses": [15, 10, 5] } } ] } }
            """,
            "Plovers",
            "Whelks",
            "Terns",
            "Knots"
        );
        void Do(Browser judge, int count)
        {
            foreach (var job in Enumerable.Range(1, count))
            {
                judge.ClickButton($"job {job}: done");
                judge.Until(() => judge.Pressed($"job {job}: done"), $"job {job} to be done");
            }
        }

        Do(_tablet, 8);
        _phone.ClickLink("Whelks open");
        Do(_phone, 5);
        _phone.Offline(true);
        foreach (var job in new[] { 6, 7, 8 })
        {
            _phone.ClickButton($"job {job}: done");
            _phone.Until(() => _phone.Pressed($"job {job}: done"), $"job {job} to be done");
        }

        _phone.See("3 kept on this device, not sent yet.");
        _phone.Offline(false);
        _phone.SeeNot("kept on this device");
        _tablet.ClickLink("Terns open");
        Do(_tablet, 6);
        CloseRound();
        Comes(("Plovers", "23.0"), ("Whelks", "18.0"), ("Terns", "6.0"), ("Knots", "0.0"));
    }

    /// <summary>
    /// Two rounds that are added up. Plovers 50 and 65 are 115, Whelks 60 and 45 are 105: first is who was second in
    /// round 1.
    /// </summary>
    [Fact(Explicit = true)]
    public void Two_rounds_added_up()
    {
        Begin(
            """
            { "format": "plucky-rally/brief", "version": 3, "title": "A taller beacon",
              "measures": [ { "id": "height", "name": "Height", "kind": "length", "unit": "cm", "step": 1 } ],
              "trials": { "attempts": 1 },
              "method": { "overRounds": { "way": "sum" }, "parts": [ { "kind": "measured", "id": "tall",
                "name": "Height", "value": "height", "better": "more", "combine": "best",
                "curve": { "kind": "rate", "perUnit": 1 } } ] } }
            """,
            "Plovers",
            "Whelks"
        );
        Measure(_tablet, "50");
        _phone.ClickLink("Whelks open");
        Measure(_phone, "60");
        CloseRound();
        ShowBoard();
        _wall.See("60");
        _tablet.Open($"/rallies/{_rally}/score/t1?round=2");
        Measure(_tablet, "65");
        _phone.Open($"/rallies/{_rally}/score/t2?round=2");
        _phone.See("Attempt 1");
        _phone.Offline(true);
        Measure(_phone, "45");
        _phone.See("1 kept on this device, not sent yet.");
        _phone.Offline(false);
        _phone.SeeNot("kept on this device");
        _desk.Open($"/rallies/{_rally}/results");
        _desk.See("115");
        _desk.See("105");
        ShowBoard();
        _wall.See("65");
        _desk.Choose("The board reveals", "All rounds");
        _desk.ClickButton("Reveal all");
        _wall.See("115");
        _wall.See("105");
    }

    /// <summary>
    /// Plovers: 2 balls of wool for 5 before it is dear, so 14 of 24 are left; newsprint for nothing by their card;
    /// 45 of 100 g left are 25 points, and 14 make 39. Whelks buy a ball for 5 without a line, before they can know
    /// that it costs 10: 19 left, and 85 g are 50 points, so 69.
    /// </summary>
    [Fact(Explicit = true)]
    public void Money_and_three_cards()
    {
        BeginDemo("cold-box", "Plovers", "Whelks");
        _tablet.Type("balls of sheep wool: how many", "2");
        _tablet.ClickButton("balls of sheep wool: buy 2");
        _tablet.See("14 tokens left");
        _phone.ClickLink("Whelks open");
        _phone.See("24 tokens left");
        _phone.Offline(true);

        _desk.Open($"/rallies/{_rally}/run");
        _desk.ClickButton("Start: Introduce");
        Draw("“No shearing this week”");
        _wall.See("No shearing this week");
        _phone.ClickButton("balls of sheep wool: buy 1");
        _phone.See("1 kept on this device, not sent yet.");
        _phone.Offline(false);
        _phone.See("19 tokens left");
        _phone.See("10 tokens each, because of “No shearing this week”");
        Draw("“Gulls at the foil”");
        _tablet.See("No more: the card “Gulls at the foil” forbids it.");
        _tablet.Button("sheets of foil: buy 1").Enabled.ShouldBeFalse();
        Draw("“A parcel of newsprint”", "Plovers");
        _tablet.See("0 tokens each, because of “A parcel of newsprint”");
        _tablet.Type("sheets of newsprint: how many", "3");
        _tablet.ClickButton("sheets of newsprint: buy 3");
        _tablet.See("14 tokens left");

        Weigh(_tablet, cost: "10", left: "45");
        Weigh(_phone, cost: "5", left: "85");
        Comes(("Plovers", "39.0"), ("Whelks", "69.0"));
    }

    /// <summary>
    /// Three heats of two. In the first, Plovers' and Whelks' legs are clocked; in the second the line is gone, Terns
    /// take 78 s, and Knots 80 s and a spill: 84 s; in the third Dunlins take 90 s, and Eiders' runner falls: they
    /// give up after a leg. The clocked ones are 24 and 20, then 17, 15 and 13, each with two points for each of five
    /// jugs; who gave up comes behind them all and brings nothing: 12.
    /// </summary>
    [Fact(Explicit = true)]
    public void A_relay_in_three_heats()
    {
        BeginDemo("bucket-chain", "Plovers", "Whelks", "Terns", "Knots", "Dunlins", "Eiders");
        _desk.Open($"/rallies/{_rally}/teams");
        _desk.ClickButton("Draw the heats");
        _desk.See("3 heats drawn by number 1");

        _tablet.Open($"/rallies/{_rally}/together");
        _tablet.ClickButton("Plovers: into this heat");
        _tablet.ClickButton("Whelks: into this heat");
        _tablet.ClickButton("Start all");
        foreach (var leg in new[] { 1, 2, 3 })
        {
            _tablet.ClickButton($"Leg {leg} is in: Plovers");
            _tablet.ClickButton($"Leg {leg} is in: Whelks");
        }

        // The wrong lane was touched: it is taken back, and Plovers are first anyway.
        _tablet.ClickButton("Finish: Whelks");
        _tablet.ClickButton("False touch: Whelks");
        _tablet.ClickButton("Finish: Plovers");
        _tablet.ClickButton("Finish: Whelks");
        _tablet.See("In: 1. Plovers, 2. Whelks");

        _phone.ClickLink("Terns open");
        _phone.See("Start leg 1");
        _phone.Offline(true);
        Legs(_phone, "19.5", "19.5", "19.5", "19.5");
        _phone.ClickLink("Knots open");
        Legs(_phone, "20", "20", "20", "20");
        _phone.Button("+1 spill").SendKeys(Keys.Enter);
        _phone.See("not sent yet.");
        _phone.Offline(false);
        _phone.SeeNot("kept on this device");

        _tablet.Open($"/rallies/{_rally}/score/t5");
        Legs(_tablet, "22.5", "22.5", "22.5", "22.5");
        foreach (var team in new[] { 1, 2, 3, 4, 5 })
        {
            _tablet.Open($"/rallies/{_rally}/score/t{team}");
            _tablet.Type("How many were brought over", "5");
            _tablet.ClickButton("Record: brought over");
            _tablet.See("Complete");
        }

        _phone.Open($"/rallies/{_rally}/score/t6");
        _phone.Type("Time of leg 1", "25");
        _phone.ClickButton("Record: Time of leg 1");
        _phone.ClickButton("Gave up");
        _phone.See("gave up");
        Comes(
            ("Plovers", "34.0"),
            ("Whelks", "30.0"),
            ("Terns", "27.0"),
            ("Knots", "25.0"),
            ("Dunlins", "23.0"),
            ("Eiders", "12.0")
        );
    }

    private void Draw(string card, string? team = null)
    {
        _desk.Choose("draw", card);
        if (team is not null)
            _desk.Choose("For", team);
        _desk.ClickButton("Draw");
        _desk.See($"{card} chosen");
    }

    private static void Weigh(Browser judge, string cost, string left)
    {
        for (var kept = 0; kept < judge.All("button", "Met").Count; kept++)
        {
            var at = kept;
            judge.Click(() => judge.All("button", "Met")[at]);
        }

        judge.Type("Cost of the box", cost);
        judge.ClickButton("Record: Cost of the box");
        judge.Type("Ice before", "100");
        judge.Type("Ice left", left);
        judge.ClickButton("Record");
        judge.See("All attempts have been made.");
    }

    private static void Legs(Browser judge, params string[] times)
    {
        for (var leg = 1; leg <= times.Length; leg++)
        {
            judge.Type($"Time of leg {leg}", times[leg - 1]);
            judge.ClickButton($"Record: Time of leg {leg}");
            var field = $"Time of leg {leg}";
            judge.Until(() => judge.Field(field).GetAttribute("value") == "", "the time to be taken");
        }

        judge.See("All legs are in.");
    }

    private static void Attempt(Browser judge, params string[] answers)
    {
        judge.Until(() => judge.All("button", "Record").Count == 1, "the pad");
        for (var i = 0; i < answers.Length; i++)
            judge.Click(() => judge.All("button", answers[i])[i]);
        judge.ClickButton("Record");
    }

    private static void Fails(Browser judge)
    {
        judge.ClickButton("Failed…");
        judge.ClickButton("it broke");
    }

    private static void Measure(Browser judge, string height)
    {
        judge.Until(() => judge.All("field", "Height").Count == 1, "the pad");
        judge.Type("Height", height);
        judge.ClickButton("Record");
        judge.See("All attempts have been made.");
    }

    private void CloseRound()
    {
        _desk.Open($"/rallies/{_rally}/score/t1");
        _desk.ClickButton("Close round 1…");
        _desk.ClickButton("Close round 1");
        _desk.See("Reopen round 1");
    }

    private void ShowBoard()
    {
        _desk.Open($"/rallies/{_rally}/run");
        _desk.ClickButton("Board");
        _desk.ClickButton("Reveal all");
    }

    /// <summary>What was worked out by hand stands in the results, on the wall, and in what the file says.</summary>
    private void Comes(params (string Team, string Total)[] byHand)
    {
        _desk.Open($"/rallies/{_rally}/results");
        foreach (var (team, total) in byHand)
            _desk.Until(
                () => _desk.Row(team).Text.Contains(total, StringComparison.Ordinal),
                $"{total} for the {team}"
            );
        ShowBoard();
        foreach (var (team, total) in byHand)
        {
            _wall.See(team);
            _wall.See(total);
        }

        _wall.ShouldFit();
        var file = _server
            .Teacher.GetStringAsync($"/api/rallies/{_rally}/file", TestContext.Current.CancellationToken)
            .GetAwaiter()
            .GetResult();
        ScoredFile.Totals(file).ShouldBe(byHand.ToDictionary(t => t.Team, t => t.Total), ignoreOrder: true);
    }

    private void BeginDemo(string brief, params string[] teams) =>
        Begin(File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", $"{brief}.brief.json")), teams);

    /// <summary>Begins the rally, lets two judges and a wall in, and opens the pad on both judges' devices.</summary>
    private void Begin(string brief, params string[] teams)
    {
        var id = _server.Post("/api/briefs", brief).GetProperty("id").GetString();
        _rally = _server
            .Post(
                "/api/rallies",
                JsonSerializer.Serialize(
                    new
                    {
                        brief = id,
                        name = "The class",
                        teams = teams.Select(name => new { name }),
                    }
                )
            )
            .GetProperty("id")
            .GetString()!;
        _desk = OpenWindow(_server.Address);
        _desk.Open("/sign-in");
        _desk.Type("The teacher’s password", "boats in the bay");
        _desk.ClickButton("Sign in");
        _desk.See("New brief");
        var code = _server
            .Post($"/api/rallies/{_rally}/passes", """{"kind":"judge"}""")
            .GetProperty("code")
            .GetString()!;
        _tablet = Join(code, "Pell", 800, 1280);
        _phone = Join(code, "Sorrel", 390, 844);
        var link = new Uri(
            _server.Post($"/api/rallies/{_rally}/passes", """{"kind":"wall"}""").GetProperty("link").GetString()!
        );
        _wall = OpenWindow(_server.Address, 1280, 720);
        _wall.Open(link.PathAndQuery + link.Fragment);
        _wall.Until(() => _wall.Place.EndsWith("/wall", StringComparison.Ordinal), "the wall");
    }

    private Browser Join(string code, string name, int width, int height)
    {
        var device = OpenWindow(_server.Door, width, height);
        device.Join(code, name);
        device.See("Observations");
        return device;
    }
}
