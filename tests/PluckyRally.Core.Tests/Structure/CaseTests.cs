using System.Reflection;
using System.Text.Json.Serialization;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>
/// Every case of a closed union is registered for files, stands in their schema, and is really scored.
/// </summary>
public sealed class CaseTests
{
    private static readonly string Tests = string.Join(
        '\n',
        CoreSource
            .Written(Path.Combine(ProjectFolder.Root, "tests", "PluckyRally.Core.Tests"))
            .Where(f => !f.EndsWith("CaseTests.cs", StringComparison.Ordinal))
            .Select(File.ReadAllText)
    );

    private static readonly string Schemas = string.Join(
        '\n',
        Directory.EnumerateFiles(Path.Combine(ProjectFolder.Root, "docs", "formats"), "*.json").Select(File.ReadAllText)
    );

    public static TheoryData<string, string> Kept =>
        new(
            from union in new[] { typeof(Part), typeof(RuleCheck), typeof(Entry), typeof(Curve), typeof(Consequence) }
            from kind in Cases(union)
            select (union.Name, kind.Name)
        );

    public static TheoryData<string, string> Scored =>
        new(
            from union in new[] { typeof(Part), typeof(RuleCheck), typeof(Curve), typeof(Consequence) }
            from kind in Cases(union)
            select (union.Name, kind.Name)
        );

    public static TheoryData<string> Absences => [.. Cases(typeof(Absence)).Select(t => t.Name)];

    [Theory]
    [MemberData(nameof(Kept))]
    public void A_case_is_registered_in_its_own_file_and_stands_in_a_schema(string union, string kind)
    {
        var (whole, one) = Types(union, kind);
        var word =
            whole.GetCustomAttributes<JsonDerivedTypeAttribute>().Single(a => a.DerivedType == one).TypeDiscriminator
            as string;
        word.ShouldNotBeNull();
        Schemas.ShouldContain($"\"const\": \"{word}\"");
        var text = CoreSource
            .Trees.Select(t => t.ToString())
            .Single(t =>
                t.Contains($" record {kind}", StringComparison.Ordinal)
                && t.Contains($"typeof({kind}),", StringComparison.Ordinal)
            );
        text.ShouldMatch($@"public abstract (partial )?record {union}\b");
    }

    /// <summary>Entries are held by GrowingLogTests: each kind stands there in rallies that are scored.</summary>
    [Theory]
    [MemberData(nameof(Scored))]
    public void A_case_is_really_scored(string union, string kind) =>
        ScoredCases.Has(Types(union, kind).Case).ShouldBeTrue();

    /// <summary>No scored rally comes to everything that can be missing: each has a test by name.</summary>
    [Theory]
    [MemberData(nameof(Absences))]
    public void An_absence_is_tried_by_name(string kind) => Tests.ShouldContain($"Absence.{kind}");

    /// <summary>A kind of part has a file of tests; so has every other union.</summary>
    [Theory]
    [MemberData(nameof(Parts))]
    public void A_part_has_tests_of_its_own(string kind) =>
        File.Exists(Path.Combine(ProjectFolder.Root, "tests", "PluckyRally.Core.Tests", "Parts", $"{kind}Tests.cs"))
            .ShouldBeTrue();

    public static TheoryData<string> Parts => [.. Cases(typeof(Part)).Select(t => t.Name)];

    private static IEnumerable<Type> Cases(Type union) =>
        union
            .GetNestedTypes(BindingFlags.Public | BindingFlags.NonPublic)
            .Where(t => t.IsSubclassOf(union) && !t.IsAbstract);

    private static (Type Union, Type Case) Types(string union, string kind)
    {
        var whole = typeof(Part).Assembly.GetTypes().Single(t => t.Name == union && !t.IsNested);
        return (whole, whole.GetNestedType(kind)!);
    }
}
