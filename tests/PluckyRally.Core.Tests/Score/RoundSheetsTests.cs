using CsCheck;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Score;

/// <summary>
/// Sheets that are worked out anew only where the log touched them are those that working out all of them would give.
/// </summary>
public sealed class RoundSheetsTests
{
    private static readonly Part Tasks = new Part.Tasks
    {
        Id = "tasks",
        Name = "Tasks",
        Items = [Sample.Task("flag", "Flag", points: 4)],
    };

    private static readonly Part FirstTasks = new Part.Tasks
    {
        Id = "tasks",
        Name = "Tasks",
        Items = [Sample.Task("flag", "Flag", points: 4, firstTeams: 1)],
    };

    /// <summary>Every way in which one team's sheet could hang on another's.</summary>
    private static readonly Brief[] Briefs =
    [
        Brief(Sample.Part("height"), Tasks),
        Brief(Sample.Part("height", new Curve.Place([5, 3, 1])), Tasks),
        Brief(Sample.Part("height"), FirstTasks),
        Brief(Sample.Part("height", new Curve.ShareOfBest(10)), Tasks) with
        {
            Trials = new() { Attempts = 3, Designs = DesignChoice.Best },
        },
        Brief(Sample.Part("height", new Curve.Improvement(0.2m)), Tasks) with
        {
            Trials = new()
            {
                Attempts = 3,
                FreshBuildAfterFailure = true,
                Designs = DesignChoice.Named,
            },
        },
    ];

    private static readonly Gen<(int Brief, (int Kind, int Number)[] Happenings)> Rallies = Gen.Select(
        Gen.Int[0, Briefs.Length - 1],
        Gen.Select(Gen.Int[0, 15], Gen.Int[0, 60]).Array[1, 30]
    );

    [Fact]
    public void Sheets_of_a_log_that_grew_are_those_of_the_whole_log() =>
        Rallies.Sample(
            sampled =>
            {
                var rally = new Happening(Briefs[sampled.Brief], "Terns", "Whelks", "Gulls");
                var grown = OpenedRally.Open(rally.Rally).OrThrow();
                var (points, judges) = (RoundSheets.Of(grown, 1), RoundSheets.Of(grown, 2));
                foreach (var (kind, number) in sampled.Happenings)
                {
                    var offered = Recorder.Accept(grown, Next(rally, grown.Received, kind, number));
                    if (offered.IsOk)
                        grown = grown.With(offered.Value).OrThrow();

                    // Sometimes several entries have come before anybody asks.
                    if (number % 3 == 0)
                        continue;
                    points = points.With(grown, points: true);
                    judges = judges.With(grown, points: false);
                }

                points = points.With(grown, points: true);
                judges = judges.With(grown, points: false);
                var known = grown.Rally.Teams.ToDictionary(t => t.Id, t => LastTouched.Of(grown).Team(t.Id));
                points
                    .Sheets.Concat(judges.Sheets)
                    .ShouldAllBe(s => s.AsOf >= known[s.Team], "nothing touched it since");
                Json.Write(Bare(points.Sheets)).ShouldBe(Json.Write(Bare(TeamSheet.Of(grown, 1))));
                Json.Write(WithoutPoints(judges.Sheets)).ShouldBe(Json.Write(WithoutPoints(TeamSheet.Of(grown, 2))));
                Json.Write(Bare(points.References)).ShouldBe(Json.Write(Bare(TeamSheet.OfReferences(grown, 1))));
            },
            iter: Thorough.Times(150)
        );

    [Fact]
    public void The_demo_rallies_come_out_the_same_entry_by_entry()
    {
        foreach (var file in Directory.GetFiles(Path.Combine(ProjectFolder.Root, "demo"), "*.rally.json"))
        {
            var whole = DocumentReader.Rally(File.ReadAllText(file)).OrThrow().Value;
            var grown = OpenedRally.Open(whole with { Entries = [] }).OrThrow();
            var sheets = RoundSheets.Of(grown, 1);
            foreach (var entry in whole.Entries)
            {
                grown = grown.With(Recorder.Accept(grown, entry).OrThrow()).OrThrow();
                sheets = sheets.With(grown, points: true);
                Json.Write(Bare(sheets.Sheets))
                    .ShouldBe(
                        Json.Write(Bare(TeamSheet.Of(grown, 1))),
                        $"{Path.GetFileName(file)} after {grown.Received.Count} entries"
                    );
            }
        }
    }

    [Fact]
    public void Only_what_the_log_touched_is_worked_out_anew()
    {
        var rally = new Happening(Briefs[0], "Terns", "Whelks");
        var before = RoundSheets.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1);
        var grown = OpenedRally.Open(rally.Rally).OrThrow();
        var sheets = RoundSheets.Of(grown, 1);
        grown = grown
            .With(
                new Entry.TrialRecorded
                {
                    Id = rally.NextId(),
                    Team = new("terns"),
                    Outcome = TrialOutcome.Failed,
                }
            )
            .OrThrow();
        grown = grown.With(new Entry.WallSet { Id = rally.NextId(), Shows = WallShows.Board }).OrThrow();
        var after = sheets.With(grown, points: true);
        after
            .For(new("whelks"))
            .ShouldBeSameAs(sheets.For(new("whelks")), "neither another team's trial nor the wall is on it");
        after.For(new("terns"))!.AsOf.ShouldBe(2);
        after.Touched.Team(new("terns")).ShouldBe(1);
        after.Touched.Team(new("whelks")).ShouldBe(0);
        before.AsOf.ShouldBe(0);
    }

    [Fact]
    public void Strikes_in_a_ring_end()
    {
        var rally = new Happening(Briefs[0], "Terns");
        var (one, other) = (rally.NextId(), rally.NextId());
        var opened = OpenedRally
            .Open(
                rally.Rally with
                {
                    Entries =
                    [
                        new Entry.StruckOut { Id = one, Entry = other },
                        new Entry.StruckOut { Id = other, Entry = one },
                    ],
                }
            )
            .OrThrow();
        LastTouched.Of(opened).Team(new("terns")).ShouldBe(0);
    }

    private static Brief Brief(params Part[] parts) =>
        Sample.Brief([Sample.Height()], parts, 3, [Sample.Inspection("stand", new Consequence.DoesNotPlace())]) with
        {
            Timing = new() { Phases = [Sample.Phase("test", PhaseKind.Test, minutes: 1, teamByTeam: true)] },
        };

    private static IEnumerable<TeamSheet> Bare(IEnumerable<TeamSheet> sheets) =>
        sheets.Select(s => s with { AsOf = 0 });

    private static IEnumerable<TeamSheet> WithoutPoints(IEnumerable<TeamSheet> sheets) =>
        Bare(sheets)
            .Select(s =>
                s with
                {
                    TotalText = "",
                    Parts = [.. s.Parts.Select(p => p with { Working = [], Points = "" })],
                }
            );

    private static Entry Next(Happening rally, IReadOnlyList<Entry> log, int kind, int number)
    {
        var (id, team, round) = (rally.NextId(), rally.Teams[number % 3].Id, number > 40 ? 2 : 1);
        return kind switch
        {
            0 or 1 => new Entry.TrialRecorded
            {
                Id = id,
                Team = team,
                Round = round,
                Design = number % 5 == 0 ? "long" : "",
                Revision = 1 + (number % 2),
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = $"{number}" }],
            },
            2 => new Entry.TrialRecorded
            {
                Id = id,
                Team = team,
                Round = round,
                Outcome = TrialOutcome.Failed,
            },
            3 => new Entry.RuleChecked
            {
                Id = id,
                Team = team,
                Round = round,
                Rule = "stand",
                Met = number % 3 > 0,
            },
            4 or 5 when log.Count > 0 => new Entry.StruckOut
            {
                Id = id,
                Team = number % 2 == 0 ? default : team,
                Round = round,
                Entry = log[number % log.Count].Id,
            },
            6 => new Entry.AttemptsCut { Id = id, Attempts = 1 + (number % 3) },
            7 => number % 4 == 0
                ? new Entry.RoundClosed { Id = id, Round = round }
                : new Entry.RoundReopened { Id = id, Round = round },
            8 => new Entry.TaskTicked
            {
                Id = id,
                Team = team,
                Round = round,
                Part = "tasks",
                Task = "flag",
                Steps = 1,
            },
            9 => new Entry.TrialRecorded
            {
                Id = id,
                Team = number % 2 == 0 ? default : team,
                Round = round,
                Purpose = Purpose.Benchmark,
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = $"{number}" }],
            },
            10 => new Entry.CameLate
            {
                Id = id,
                Team = team,
                Round = round,
            },
            11 => new Entry.TestOrderSet
            {
                Id = id,
                Round = round,
                Teams = [team],
            },
            12 => new Entry.ReferenceAdded
            {
                Id = id,
                Team = new($"bare{number % 4}"),
                Round = round,
                Name = $"Bare {number}",
                Purpose = Purpose.Control,
            },
            14 => new Entry.LookedBack
            {
                Id = id,
                Team = team,
                Round = round,
                Change = $"{number} feet",
            },
            13 => new Entry.TrialRecorded
            {
                Id = id,
                Team = new($"bare{number % 4}"),
                Round = round,
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = $"{number}" }],
            },
            _ => new Entry.NoteMade
            {
                Id = id,
                Team = number % 2 == 0 ? default : team,
                Round = round,
                Text = "tests early",
            },
        };
    }
}
