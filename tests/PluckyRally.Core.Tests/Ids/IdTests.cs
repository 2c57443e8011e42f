using System.Text.Json;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Tests.Ids;

public sealed class IdTests
{
    public static TheoryData<Type> Types => [.. typeof(IdValue).Assembly.GetTypes().Where(t => t.IsValueType && Is(t))];

    private static bool Is(Type type) => IdValue.Of(type) is not null;

    private static Guid Some { get; } = new("01900000-0000-7000-8000-00000000002a");

    private static object Value(Type type) => IdValue.Of(type) == typeof(Guid) ? Some : "heron";

    [Theory]
    [MemberData(nameof(Types))]
    public void An_id_is_written_as_its_value_and_read_from_it(Type type)
    {
        var written = JsonSerializer.Serialize(Value(type), Json.Options);
        var id = Activator.CreateInstance(type, Value(type));
        JsonSerializer.Serialize(id, type, Json.Options).ShouldBe(written);
        JsonSerializer.Deserialize(written, type, Json.Options).ShouldBe(id);
        id!.ToString().ShouldBe(Value(type).ToString());
    }

    [Theory]
    [MemberData(nameof(Types))]
    public void What_is_no_id_is_not_read(Type type)
    {
        if (IdValue.Of(type) == typeof(Guid))
            Should.Throw<JsonException>(() => JsonSerializer.Deserialize("\"heron\"", type, Json.Options));
        Should.Throw<JsonException>(() => JsonSerializer.Deserialize("7", type, Json.Options));
        Should.Throw<JsonException>(() => JsonSerializer.Deserialize("null", type, Json.Options));
    }

    [Fact]
    public void An_id_of_nothing_is_an_empty_text()
    {
        new StudentId("").ShouldBe(default);
        new TeamId("").ShouldBe(default);
        default(StudentId).Value.ShouldBe("");
        default(TeamId).Value.ShouldBe("");
        JsonSerializer.Serialize(default(StudentId), Json.Options).ShouldBe("\"\"");
        JsonSerializer.Deserialize<StudentId>("\"\"", Json.Options).ShouldBe(default);
    }

    [Fact]
    public void An_id_that_names_a_field_is_its_name()
    {
        var bags = new Dictionary<TeamId, int> { [new("heron")] = 2 };
        JsonSerializer.Serialize(bags, Json.Options).ShouldContain("\"heron\": 2");
        JsonSerializer.Deserialize<Dictionary<TeamId, int>>("{\"heron\":2}", Json.Options).ShouldBe(bags);
    }

    [Fact]
    public void A_student_of_a_class_here_is_told_from_one_that_a_file_names()
    {
        StudentId.OfClass(Some).InClass.ShouldBe(Some);
        new StudentId("heron").InClass.ShouldBeNull();
    }

    [Fact]
    public void An_address_names_an_id_or_none()
    {
        RallyId.TryParse(Some.ToString(), null, out var rally).ShouldBeTrue();
        rally.ShouldBe(new(Some));
        RallyId.TryParse("heron", null, out _).ShouldBeFalse();
        TeamId.TryParse("heron", null, out var team).ShouldBeTrue();
        team.ShouldBe(new("heron"));
    }

    [Fact]
    public void The_type_that_an_id_is_written_as_is_known()
    {
        IdValue.Of(typeof(RallyId)).ShouldBe(typeof(Guid));
        IdValue.Of(typeof(BriefId?)).ShouldBe(typeof(Guid));
        IdValue.Of(typeof(Guid)).ShouldBeNull();
    }

    /// <summary>A team's name, as it is shown, or what tells it from the teams of other rallies.</summary>
    private static readonly string[] NoIds =
    [
        "BestSoFar.Team",
        "CameFrom.Team",
        "CurveMark.Team",
        "PastPlace.Team",
        "PlacedTwice.Team",
        "ReadingThatCame.Team",
    ];

    /// <summary>What is named after a rally, a brief, an entry, a student or a team has the type of its id.</summary>
    [Fact]
    public void No_bare_id_is_left() =>
        typeof(IdValue)
            .Assembly.GetTypes()
            .SelectMany(t => t.GetProperties())
            .Where(p =>
                (p.Name, Nullable.GetUnderlyingType(p.PropertyType) ?? p.PropertyType) switch
                {
                    ("Rally" or "RallyId" or "Brief" or "BriefId" or "Entry" or "EntryId", var type) => type
                        == typeof(Guid),
                    ("Student" or "Team" or "TeamId", var type) => type == typeof(string),
                    ("Teams", var type) => type.IsAssignableTo(typeof(IEnumerable<string>)),
                    _ => false,
                }
            )
            .Select(p => $"{p.DeclaringType!.Name}.{p.Name}")
            .Order()
            .ShouldBe(NoIds);
}
