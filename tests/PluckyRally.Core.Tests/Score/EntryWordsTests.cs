using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Tests.Parts;

namespace PluckyRally.Core.Tests.Score;

public sealed class EntryWordsTests
{
    public static TheoryData<Entry, string> Entries() =>
        new()
        {
            {
                new Entry.RuleChecked
                {
                    Id = new(Guid.NewGuid()),
                    Rule = "float",
                    Met = false,
                },
                "“It must float”: missed"
            },
            {
                Trial(TrialOutcome.Counted) with
                {
                    Readings = [Read("height", 20), Read("beads", 3)],
                },
                "Attempt 2: Height 20 cm, beads 3 beads"
            },
            { Trial(TrialOutcome.Failed) with { Reason = "it fell" }, "Attempt 2: failed (it fell)" },
            { Trial(TrialOutcome.Waiting), "Attempt 2: needs a decision" },
            {
                Trial(TrialOutcome.Counted) with
                {
                    Purpose = Purpose.Control,
                    Readings = [Read("height", 20)],
                },
                "Control: 20 cm"
            },
            { Trial(TrialOutcome.Counted) with { Purpose = Purpose.Benchmark }, "To beat: made" },
            {
                new Entry.AnswerGiven
                {
                    Id = new(Guid.NewGuid()),
                    Question = 2,
                    Text = "wider feet",
                },
                "Answer to question 2: wider feet"
            },
            {
                new Entry.AnswersHeld { Id = new(Guid.NewGuid()), Held = true },
                "Teams’ answers wait for a look"
            },
            {
                new Entry.AnswersHeld { Id = new(Guid.NewGuid()), Held = false },
                "Teams’ answers are shown at once"
            },
            {
                new Entry.AnswerShown { Id = new(Guid.NewGuid()), Answer = new(Guid.NewGuid()) },
                "An answer is shown"
            },
            {
                new Entry.LookedBack
                {
                    Id = new(Guid.NewGuid()),
                    Worked = "triangles",
                    Change = "a wider foot",
                    Why = "it tipped",
                },
                "Looked back: worked: triangles; change: a wider foot; because: it tipped"
            },
            {
                new Entry.LookedBack { Id = new(Guid.NewGuid()) },
                "Looked back: nothing said"
            },
            {
                new Entry.TagSeen { Id = new(Guid.NewGuid()), Word = "wide foot" },
                "Observed: wide foot"
            },
            {
                new Entry.AwardGiven
                {
                    Id = new(Guid.NewGuid()),
                    Name = "Calmest",
                    Why = "nobody hurried",
                },
                "Award: Calmest, nobody hurried"
            },
            {
                new Entry.AwardVoted
                {
                    Id = new(Guid.NewGuid()),
                    Award = "bold",
                    For = new("b"),
                    Why = "the hinge",
                },
                "A vote for : the hinge"
            },
            {
                new Entry.DesignNoted
                {
                    Id = new(Guid.NewGuid()),
                    Changed = "a wider foot",
                    Also = "more tape",
                    Labels = new Dictionary<string, string> { ["foot"] = "wide" },
                },
                "Design, revision 1: a wider foot; also more tape (foot: wide)"
            },
            {
                new Entry.WallSet
                {
                    Id = new(Guid.NewGuid()),
                    Shows = WallShows.Gallery,
                    Gallery = new("", false),
                },
                "The wall shows the gallery"
            },
            {
                new Entry.ReferenceAdded
                {
                    Id = new(Guid.NewGuid()),
                    Name = "Bare hull",
                    Purpose = Purpose.ByHand,
                },
                "Comparison: Bare hull (by hand)"
            },
            {
                new Entry.MeasureRead
                {
                    Id = new(Guid.NewGuid()),
                    Reading = Read("height", 20) with { Bound = Bound.AtLeast },
                },
                "Height at least 20 cm"
            },
            {
                new Entry.StruckOut
                {
                    Id = new(Guid.NewGuid()),
                    Entry = new(Guid.NewGuid()),
                    Reason = "misread",
                },
                "Crossed out: misread"
            },
            {
                new Entry.MeasureRead
                {
                    Id = new(Guid.NewGuid()),
                    Reading = Read("height", 20) with { Instrument = "Quay tape" },
                },
                "Height 20 cm by the quay tape"
            },
            {
                new Entry.PlanCleared { Id = new(Guid.NewGuid()) },
                "Plan approved"
            },
            {
                new Entry.CameLate { Id = new(Guid.NewGuid()) },
                "Late: had not let go when time was up"
            },
            {
                new Entry.SentToTable { Id = new(Guid.NewGuid()), Table = 2 },
                "Sent to table 2"
            },
            {
                new Entry.SentToTable
                {
                    Id = new(Guid.NewGuid()),
                    Table = 2,
                    NotHere = true,
                },
                "Was not there; comes later at table 2"
            },
            {
                new Entry.TestOrderSet { Id = new(Guid.NewGuid()), Teams = [] },
                "The order of the test was set"
            },
            {
                new Entry.HoldBegun { Id = new(Guid.NewGuid()) },
                "Everybody let go; the hold is counted"
            },
            {
                new Entry.AttemptsCut { Id = new(Guid.NewGuid()), Attempts = 1 },
                "Cut to 1 attempt"
            },
            {
                new Entry.PlacesOpened
                {
                    Id = new(Guid.NewGuid()),
                    Phase = "test",
                    Places = 2,
                },
                "Tested at 2 tables"
            },
            {
                new Entry.WallSet
                {
                    Id = new(Guid.NewGuid()),
                    Shows = WallShows.Board,
                    Revealed = 3,
                },
                "The wall shows the board, 3 teams revealed"
            },
            {
                new Entry.WallSet { Id = new(Guid.NewGuid()), Shows = WallShows.Clock },
                "The wall shows the clock"
            },
            {
                new Entry.RoundClosed { Id = new(Guid.NewGuid()), Round = 2 },
                "Round 2 closed"
            },
            {
                new Entry.RoundReopened { Id = new(Guid.NewGuid()), Round = 2 },
                "Round 2 opened again"
            },
            {
                new Entry.InstrumentChecked
                {
                    Id = new(Guid.NewGuid()),
                    Known = Read("height", 30),
                    Shown = Read("height", 31),
                },
                "Instrument check: 30 cm shows as 31 cm"
            },
            {
                new Entry.TargetSet
                {
                    Id = new(Guid.NewGuid()),
                    Target = "own",
                    Amount = "30 cm",
                },
                "Height to beat: set out for 30 cm"
            },
            {
                new Entry.TargetSet
                {
                    Id = new(Guid.NewGuid()),
                    Target = "own",
                    Amount = "",
                },
                "Height to beat: removed"
            },
            {
                new Entry.OverRoundsSet
                {
                    Id = new(Guid.NewGuid()),
                    Over = new() { Way = RoundsWay.Best },
                },
                "Each team’s best round counts."
            },
            {
                new Entry.OverRoundsSet { Id = new(Guid.NewGuid()) },
                "Each round stands by itself."
            },
            {
                new Entry.NoteMade { Id = new(Guid.NewGuid()), Text = "shared the tape" },
                "Note: shared the tape"
            },
            {
                new Entry.DesignNoted
                {
                    Id = new(Guid.NewGuid()),
                    Design = "long arm",
                    Revision = 2,
                    Changed = "lighter cup",
                    Named = true,
                },
                "Design “long arm”, revision 2: lighter cup, the one that counts"
            },
            {
                new Entry.TaskTicked
                {
                    Id = new(Guid.NewGuid()),
                    Part = "tasks",
                    Task = "lamp",
                    Steps = 2,
                },
                "Tasks: Lamp 2 steps"
            },
            {
                new Entry.TaskTicked
                {
                    Id = new(Guid.NewGuid()),
                    Part = "tasks",
                    Task = "lamp",
                },
                "Tasks: Lamp done"
            },
            {
                new Entry.TasksTimed
                {
                    Id = new(Guid.NewGuid()),
                    Part = "tasks",
                    Time = new Reading { Measure = "tasks", Typed = "0:41" },
                },
                "Tasks: 0:41"
            },
            {
                new Entry.LegTimed
                {
                    Id = new(Guid.NewGuid()),
                    Part = "relay",
                    Leg = 1,
                    Runner = "Tova M.",
                    Time = new Reading { Measure = "relay", Typed = "31.4" },
                },
                "Relay: leg 1, 31.4 (Tova M.)"
            },
            {
                new Entry.RelayFaulted
                {
                    Id = new(Guid.NewGuid()),
                    Part = "relay",
                    Fault = "drop",
                    Count = 2,
                },
                "Relay: Dropped, 2"
            },
            {
                new Entry.ItemsCarried
                {
                    Id = new(Guid.NewGuid()),
                    Part = "relay",
                    Count = 4,
                },
                "Relay: 4 items brought over"
            },
            {
                new Entry.RelayStopped
                {
                    Id = new(Guid.NewGuid()),
                    Part = "relay",
                    Reason = "rain",
                },
                "Relay: stopped (rain)"
            },
            {
                new Entry.ItemsSorted
                {
                    Id = new(Guid.NewGuid()),
                    Part = "bins",
                    Placed = new Dictionary<string, string> { ["x"] = "a" },
                },
                "Bins: 1 item sorted"
            },
            {
                new Entry.OrderGiven
                {
                    Id = new(Guid.NewGuid()),
                    Part = "order",
                    Sequence = ["q", "p"],
                },
                "Order: Q, P"
            },
            {
                new Entry.PiecesCounted
                {
                    Id = new(Guid.NewGuid()),
                    Part = "pieces",
                    Pieces = [new PieceGroup { Count = 3 }],
                },
                "Pieces: 3 pieces"
            },
            {
                new Entry.LevelGiven
                {
                    Id = new(Guid.NewGuid()),
                    Part = "rubric",
                    Criterion = "clear",
                    Level = 1,
                },
                "Rubric: Clear yes"
            },
            {
                new Entry.Purchased
                {
                    Id = new(Guid.NewGuid()),
                    Part = "store",
                    Item = "rod",
                    Count = 2,
                },
                "Store: bought 2 rods"
            },
            {
                new Entry.Returned
                {
                    Id = new(Guid.NewGuid()),
                    Part = "store",
                    Item = "rod",
                },
                "Store: gave back 1 rod"
            },
            {
                new Entry.Tallied
                {
                    Id = new(Guid.NewGuid()),
                    Part = "walk",
                    Counter = "help",
                },
                "Walk: Helped, 1"
            },
        };

    [Theory]
    [MemberData(nameof(Entries), DisableDiscoveryEnumeration = true)]
    public void Every_sort_of_entry_is_said_in_a_line(Entry entry, string says) =>
        entry.Say(EveryPartTests.Everything, 2).ShouldBe(says);

    [Theory]
    [MemberData(nameof(Entries), DisableDiscoveryEnumeration = true)]
    public void Every_sort_of_entry_is_written_and_read_back(Entry entry, string says)
    {
        var text = Json.Write(entry);
        Json.Write(DocumentReader.Entry(text).OrThrow().Value).ShouldBe(text);
        says.ShouldNotBeEmpty();
    }

    private static Reading Read(string measure, decimal value) =>
        new()
        {
            Measure = measure,
            Typed = $"{value}",
            Value = value,
        };

    private static Entry.TrialRecorded Trial(TrialOutcome outcome) =>
        new() { Id = new(Guid.NewGuid()), Outcome = outcome };
}
