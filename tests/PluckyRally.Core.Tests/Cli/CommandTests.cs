using System.Text.Json;
using PluckyRally.Cli;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Cli;

public sealed class CommandTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("plucky-rally-cli-").FullName;
    private readonly StringWriter _output = new();
    private readonly StringWriter _error = new();

    [Fact]
    public void Standings_are_printed_with_places_ties_and_reasons()
    {
        Score(Example()).ShouldBe(0);
        _output
            .ToString()
            .ShouldBe(
                """
                A brief: A class, round 1. The highest total wins.
                Place       Team    part  Total
                1st, tied   Terns   20.0   20.0
                1st, tied   Whelks  20.0   20.0
                unfinished  Crabs
                Crabs: part: no attempt has been made yet

                """
            );
    }

    [Fact]
    public void Why_a_team_has_its_points_is_printed()
    {
        Score(Example(), "--why", "WHELKS").ShouldBe(0);
        _output.ToString().ShouldContain("Attempt 1: 20 cm.");
        Score(Example(), "--why", "Gulls").ShouldBe(2);
        _error.ToString().ShouldContain("Use one of these: Terns, Whelks, Crabs.");
    }

    [Fact]
    public void Several_rallies_are_printed_as_one_list_or_several()
    {
        string[] files = [Example(), Example()];
        CombineCommand.Run([.. files, "--by", "places", "--points", "5,3"], _output, _error).ShouldBe(0);
        _output
            .ToString()
            .ShouldBe(
                """
                A brief. Points for the place in each class: 5, 3. The most points win.
                Place  Team      Class  Points for places
                1      Terns   A class                  5
                1      Terns   A class                  5
                1      Whelks  A class                  5
                1      Whelks  A class                  5
                       Crabs   A class
                       Crabs   A class
                Crabs: part: no attempt has been made yet
                Crabs: part: no attempt has been made yet

                """
            );
        CombineCommand.Run([files[0], "--by", "share"], _output, _error).ShouldBe(2);
        _error.ToString().ShouldContain("gives points without an end");
        CombineCommand.Run([files[0], "--lists", "many"], _output, _error).ShouldBe(2);
        _error.ToString().ShouldContain("Use one of these: one, tier, class.");
        CombineCommand.Run(["--json"], _output, _error).ShouldBe(2);
    }

    [Fact]
    public void All_that_is_known_comes_as_JSON()
    {
        Score(Example(), "--json", "--round", "1").ShouldBe(0);
        var scored = JsonElement.Parse(_output.ToString());
        scored
            .GetProperty("standings")
            .GetProperty("rows")[0]
            .GetProperty("why")
            .GetArrayLength()
            .ShouldBeGreaterThan(2);
        scored.GetProperty("statistics")[0].GetProperty("summary").GetProperty("mean").GetDouble().ShouldBe(20);
        scored.GetProperty("confidence").GetProperty("tooClose").GetBoolean().ShouldBeTrue();
        var team = scored.GetProperty("teams")[0];
        team.GetProperty("figures")
            .EnumerateArray()
            .Single(f => f.GetProperty("figure").GetString() == "part.value")
            .GetProperty("shown")
            .GetString()
            .ShouldBe("20 cm");
        team.GetProperty("parts")[0].GetProperty("points").GetDecimal().ShouldBe(20);
        scored.GetProperty("teams")[2].GetProperty("figures")[0].GetProperty("notYet").GetBoolean().ShouldBeTrue();
    }

    [Fact]
    public void A_text_is_read_with_places_and_makes_a_brief()
    {
        var file = Write("The raft\nIt must be at least 12 in long.\nBe quick!\nTeams of 3 or 4.\n");
        ReadCommand.Run([file], _output, _error).ShouldBe(0);
        var read = JsonElement.Parse(_output.ToString());
        var rule = read.GetProperty("proposals")[1];
        rule.GetProperty("at").GetString().ShouldBe("/rules/-");
        rule.GetProperty("value").GetProperty("check").GetProperty("amount").GetString().ShouldBe("12 in");
        rule.GetProperty("from").EnumerateArray().Select(n => n.GetInt32()).ShouldBe([20, 34]);
        read.GetProperty("questions")[0].GetProperty("readings").GetArrayLength().ShouldBe(2);
        read.GetProperty("unread")[0].GetProperty("text").GetString().ShouldBe("Be quick!");
        _output.GetStringBuilder().Clear();
        ReadCommand.Run([file, "--brief"], _output, _error).ShouldBe(0);
        DocumentReader.Brief(_output.ToString()).OrThrow().Value.Measures.ShouldHaveSingleItem().Id.ShouldBe("length");
        ReadCommand.Run([], _output, _error).ShouldBe(2);
        _error.ToString().ShouldContain("Write read FILE");
    }

    [Fact]
    public void Everything_wrong_with_a_file_goes_to_the_error_stream_and_the_exit_code_is_2()
    {
        var file = Write(
            File.ReadAllText(Example()).Replace("\"title\": \"A brief\"", "\"title\": \"\"", StringComparison.Ordinal)
        );
        Score(file).ShouldBe(2);
        _output.ToString().ShouldBeEmpty();
        _error.ToString().ShouldContain("/edition/brief/title: The brief has no title.");
    }

    [Fact]
    public void What_is_set_aside_is_listed_beside_the_standings_and_makes_a_check_fail()
    {
        var file = Write(File.ReadAllText(Example()).Replace("\"20\"", "\"tall\"", StringComparison.Ordinal));
        Score(file).ShouldBe(0);
        _output.ToString().ShouldContain("unfinished");
        _error.ToString().Split('\n', StringSplitOptions.RemoveEmptyEntries).Length.ShouldBe(2);
        _error.ToString().ShouldContain("/entries/0/readings/0/typed: Set aside: “tall” cannot be read as a number.");
        CheckCommand.Run(file, _output, _error).ShouldBe(2);
        _error.ToString().ShouldContain("These entries are set aside: they are kept and not scored.");
    }

    [Theory]
    [InlineData("--round", "0")]
    [InlineData("--round", "many")]
    [InlineData("--colour", "red")]
    public void Options_that_are_not_understood_are_refused(string option, string value) =>
        Score(Example(), option, value).ShouldBe(2);

    [Fact]
    public void A_file_that_is_not_there_is_said_to_be_missing()
    {
        Score(Path.Combine(_folder, "none.json")).ShouldBe(2);
        _error.ToString().ShouldContain("cannot be read");
    }

    [Theory]
    [InlineData(new[] { "--over-rounds", "mean" }, 0, "over the rounds. The mean of a team’s rounds counts.")]
    [InlineData(new[] { "--over-rounds" }, 2, "Write --over-rounds last, best, sum or mean.")]
    public void Rounds_are_scored_together(string[] arguments, int code, string says)
    {
        Score([Path.Combine(ProjectFolder.Root, "demo", "class-4-shingle.rally.json"), .. arguments]).ShouldBe(code);
        (_output.ToString() + _error).ShouldContain(says);
    }

    [Fact]
    public void A_file_of_version_1_comes_out_in_the_newest()
    {
        BriefCommands
            .Upgrade(
                Path.Combine(ProjectFolder.Root, "tests", "formats", "v1", "demo", "bucket-chain.brief.json"),
                _output,
                _error
            )
            .ShouldBe(0);
        var brief = DocumentReader.Brief(_output.ToString()).OrThrow().Value;
        (brief.Version, brief.Method.TieBreaks[0].Value).ShouldBe((Brief.NewestVersion, "chain.value"));
        BriefCommands.Upgrade(Write("{}"), _output, _error).ShouldBe(2);
    }

    [Fact]
    public void A_brief_is_laid_out_for_a_tier_and_a_rally_begun_with_it()
    {
        var brief = Write(
            Json.Write(
                Sample.Simple() with
                {
                    Tiers =
                    [
                        new()
                        {
                            Id = "old",
                            Name = "Older",
                            Overrides = [new("/trials/attempts", JsonElement.Parse("3"))],
                        },
                    ],
                }
            )
        );
        BriefCommands.Edition([brief, "--tier", "old"], _output, _error).ShouldBe(0);
        JsonElement
            .Parse(_output.ToString())
            .GetProperty("brief")
            .GetProperty("trials")
            .GetProperty("attempts")
            .GetInt32()
            .ShouldBe(3);
        _output.GetStringBuilder().Clear();
        BriefCommands
            .Begin([brief, "--tier", "old", "--teams", Write("Terns\n\n Whelks \n")], _output, _error)
            .ShouldBe(0);
        var rally = DocumentReader.Rally(_output.ToString()).OrThrow().Value;
        (rally.Edition.Tier, string.Join(", ", rally.Teams.Select(t => t.Name))).ShouldBe(("Older", "Terns, Whelks"));
    }

    [Theory]
    [InlineData("--tier", "none", "This brief has no tier “none”.")]
    [InlineData("--colour", "red", "“--colour” is not understood here.")]
    [InlineData("--teams", "", "Which teams?")]
    public void A_rally_that_cannot_be_begun_says_why(string option, string value, string says)
    {
        BriefCommands
            .Begin(
                [
                    Write(Json.Write(Sample.Simple())),
                    "--teams",
                    option == "--teams" ? "" : Write("Terns"),
                    .. option == "--teams" ? Array.Empty<string>() : [option, value],
                ],
                _output,
                _error
            )
            .ShouldBe(2);
        _error.ToString().ShouldContain(says);
    }

    [Fact]
    public void Check_looks_at_every_tier_of_a_brief()
    {
        var brief = Sample.Simple() with
        {
            Tiers =
            [
                new Tier
                {
                    Id = "old",
                    Overrides = [new Override("/measures/height/unit", JsonElement.Parse("\"kg\""))],
                },
            ],
        };
        CheckCommand.Run(Write(Json.Write(brief)), _output, _error).ShouldBe(2);
        _error.ToString().ShouldContain("/tiers/old/overrides/0/value");
        CheckCommand.Run(Write(Json.Write(Sample.Simple())), _output, _error).ShouldBe(0);
    }

    [Fact]
    public void Checking_a_brief_lists_its_snags()
    {
        CheckCommand
            .Run(
                Write(
                    Json.Write(
                        Sample.Simple() with
                        {
                            Tiers =
                            [
                                new()
                                {
                                    Id = "old",
                                    Overrides =
                                    [
                                        new(
                                            "/measures/height/expected",
                                            System.Text.Json.JsonElement.Parse("""{ "low": 10, "high": 12 }""")
                                        ),
                                    ],
                                },
                            ],
                        }
                    )
                ),
                _output,
                _error
            )
            .ShouldBe(0);
        _output.ToString().ShouldContain("  matters: There is no tie-break.");
        _output.ToString().ShouldContain("will hardly tell 7 teams apart. (in old)");
    }

    [Fact]
    public void Every_file_of_the_demo_is_in_order()
    {
        foreach (
            var file in Directory.GetFiles(
                Path.Combine(ProjectFolder.Root, "demo"),
                "*.json",
                SearchOption.AllDirectories
            )
        )
            CheckCommand.Run(file, _output, _error).ShouldBe(0, _error.ToString());
    }

    /// <summary>What is wrong with a day, a school or its plans is said at its place, as of a brief.</summary>
    [Theory]
    [InlineData(
        """{"format":"plucky-rally/day","version":1,"name":"","slots":"""
            + """[{"file":"a.rally.json","tables":0},{"file":"a.rally.json"}]}""",
        "/name: The day has no name.",
        "/slots: A rally is listed twice.",
        "/slots/0/tables: The number of tables is out of range."
    )]
    [InlineData(
        """{"format":"plucky-rally/plans","version":1,"plans":"""
            + """[{"file":"a.brief.json"},{"file":"b.brief.json","date":"1907-01-01"}]}""",
        "/plans/0/date: It is not said when, or twice.",
        "/plans/1/date: That is not in this century."
    )]
    [InlineData(
        """{"format":"plucky-rally/school","version":1,"school":{"beginsMonth":2,"beginsDay":30}}""",
        "/school/beginsDay: There is no such day."
    )]
    [InlineData("""{"format":"plucky-rally/day","version":2,"name":"Later"}""", "/version: ")]
    public void A_day_a_school_and_plans_are_checked_like_a_brief(string text, params string[] wrong)
    {
        CheckCommand.Run(Write(text), _output, _error).ShouldBe(2);
        foreach (var line in wrong)
            _error.ToString().ShouldContain(line);
    }

    [Fact]
    public void The_published_schemas_are_those_of_the_types_that_read_the_formats()
    {
        foreach (var (name, text) in SchemasCommand.All())
            File.ReadAllText(Path.Combine(ProjectFolder.Root, "docs", "formats", name))
                .ShouldBe(text, $"run: dotnet run --project src/PluckyRally.Cli -- schemas docs/formats ({name})");
    }

    [Fact]
    public void The_example_of_the_formats_page_comes_out_as_it_says()
    {
        var page = File.ReadAllText(Path.Combine(ProjectFolder.Root, "docs", "formats", "README.md"));
        var blocks = page.Split("```").Where((_, i) => i % 2 == 1).ToList();
        var example = blocks.Single(b => b.Contains("plucky-rally/rally", StringComparison.Ordinal));
        Score(Write(example[(example.IndexOf('\n', StringComparison.Ordinal) + 1)..])).ShouldBe(0, _error.ToString());
        page.ShouldContain(_output.ToString());
    }

    public void Dispose()
    {
        _output.Dispose();
        _error.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    private int Score(params string[] arguments) => ScoreCommand.Run(arguments, _output, _error);

    private string Example()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks", "Crabs");
        rally.Counted("Terns", "20");
        rally.Counted("Whelks", "20");
        return Write(Json.Write(rally.Rally));
    }

    private string Write(string text)
    {
        var file = Path.Combine(_folder, $"{Guid.NewGuid()}.json");
        File.WriteAllText(file, text);
        return file;
    }
}
