using Xunit.Sdk;
using Xunit.v3;

[assembly: TestCollectionOrderer(typeof(TestOrder))]
[assembly: TestMethodOrderer(typeof(TestOrder))]

namespace PluckyRally.Tests;

/// <summary>
/// The order of the tests. Classes that take longest begin first, by tests/times.csv, so that no processor waits for
/// them at the end; <c>./test orders</c> draws an order instead, by RALLY_ORDER, since no test may hang on it.
/// </summary>
public sealed class TestOrder : ITestCollectionOrderer, ITestMethodOrderer
{
    private static readonly int? Seed = int.TryParse(Environment.GetEnvironmentVariable("RALLY_ORDER"), out var seed)
        ? seed
        : null;

    private static readonly Dictionary<string, double> Seconds = File.ReadLines(
            Path.Combine(ProjectFolder.Root, "tests", "times.csv")
        )
        .Skip(1)
        .Select(line => line.Split(','))
        .ToDictionary(line => line[0], line => double.Parse(line[1]));

    public IReadOnlyCollection<TTestCollection> OrderTestCollections<TTestCollection>(
        IReadOnlyCollection<TTestCollection> testCollections
    )
        where TTestCollection : ITestCollection =>
        Seed is null
            ?
            [
                .. testCollections.OrderByDescending(c =>
                    Seconds.GetValueOrDefault(ClassOf(c.TestCollectionDisplayName))
                ),
            ]
            : Drawn(testCollections, c => c.TestCollectionDisplayName);

    public IReadOnlyCollection<TTestMethod?> OrderTestMethods<TTestMethod>(
        IReadOnlyCollection<TTestMethod?> testMethods
    )
        where TTestMethod : ITestMethod => Seed is null ? testMethods : Drawn(testMethods, m => m?.MethodName ?? "");

    /// <summary>Of "Test collection for PluckyRally.Ui.Tests.RunTests (id: …)" the class.</summary>
    private static string ClassOf(string collection) =>
        collection.Replace("Test collection for ", "", StringComparison.Ordinal).Split(' ')[0];

    private static List<T> Drawn<T>(IReadOnlyCollection<T> all, Func<T, string> name)
    {
        var drawn = all.OrderBy(name, StringComparer.Ordinal).ToArray();
        new Random(Seed!.Value).Shuffle(drawn);
        return [.. drawn];
    }
}
