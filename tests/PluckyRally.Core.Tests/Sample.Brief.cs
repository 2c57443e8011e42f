using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests;

/// <summary>What a brief is made of, a line each; what is not said is as a new one has it.</summary>
internal static partial class Sample
{
    public static Measure Measure(
        string id,
        MeasureKind kind,
        string name = "",
        string unit = "",
        decimal step = 1,
        ReadOccasion taken = ReadOccasion.EachAttempt,
        bool negative = false,
        Better? better = null
    ) =>
        new()
        {
            Id = id,
            Kind = kind,
            Name = name,
            Unit = unit,
            Step = step,
            Taken = taken,
            Negative = negative,
            Better = better,
        };

    public static Phase Phase(
        string id,
        PhaseKind kind,
        decimal minutes = 0,
        bool teamByTeam = false,
        decimal changeover = 0,
        int testBays = 1,
        decimal warning = 0
    ) =>
        new()
        {
            Id = id,
            Kind = kind,
            Minutes = minutes,
            TeamByTeam = teamByTeam,
            Changeover = changeover,
            TestBays = testBays,
            Warning = warning,
        };

    public static Material Material(
        string id,
        string name,
        decimal? amount = null,
        string unit = "",
        string category = "",
        Per per = Per.Team,
        bool reusable = false,
        decimal? pack = null,
        decimal? price = null
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Amount = amount,
            Unit = unit,
            Category = category,
            Per = per,
            Reusable = reusable,
            Pack = pack,
            Price = price,
        };

    public static TaskItem Task(string id, string name, decimal points, int steps = 1, int? firstTeams = null) =>
        new()
        {
            Id = id,
            Name = name,
            Points = points,
            Steps = steps,
            FirstTeams = firstTeams,
        };

    public static BinItem BinItem(string id, string name, string bin) =>
        new()
        {
            Id = id,
            Name = name,
            Bin = bin,
        };

    public static OrderItem OrderItem(string id, string name, decimal key) =>
        new()
        {
            Id = id,
            Name = name,
            Key = key,
        };

    public static Counter Counter(string id, string name, decimal points = 1, bool hurts = false, int? atMost = null) =>
        new()
        {
            Id = id,
            Name = name,
            Points = points,
            Hurts = hurts,
            AtMost = atMost,
        };

    public static RelayFault Fault(string id, string name, decimal seconds) =>
        new()
        {
            Id = id,
            Name = name,
            Seconds = seconds,
        };

    public static Price Price(string id, decimal each, string name = "", string material = "") =>
        new()
        {
            Id = id,
            Each = each,
            Name = name,
            Material = material,
        };

    public static NamedFigure Figure(
        string id,
        string name,
        string value,
        Work work = Work.EachAttempt,
        Better? better = null,
        Combine combine = Combine.Best
    ) =>
        new()
        {
            Id = id,
            Name = name,
            Value = value,
            Work = work,
            Better = better,
            Combine = combine,
        };

    public static TieBreak TieBreak(string name, string value, Better better) =>
        new()
        {
            Name = name,
            Value = value,
            Better = better,
        };

    public static Award Award(string id, string name, string value, Better better = Better.More) =>
        new()
        {
            Id = id,
            Name = name,
            Value = value,
            Better = better,
        };

    public static Team Team(TeamId id, string name, int members = 0) =>
        new()
        {
            Id = id,
            Name = name,
            Members = members,
        };
}
