using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Tests.Teams;

public sealed class ClassListTests
{
    [Fact]
    public void One_column_holds_whole_names()
    {
        var list = Read(["Wren Ashby"], ["Torin"], ["Sena de la Mer"]);
        list.Students.ShouldBe(["Wren A.", "Torin", "Sena de la M."]);
        (list.Given, list.Family).ShouldBe((0, null));
        list.Columns.ShouldBe(["column 1"]);
    }

    [Fact]
    public void Two_columns_without_titles_are_given_and_family_name() =>
        Read(["Wren", "Ashby"], ["Torin", ""]).Students.ShouldBe(["Wren A.", "Torin"]);

    /// <summary>
    /// 1EdTech OneRoster 1.2, users.csv: the columns givenName and familyName, wherever they stand (titles from
    /// memory).
    /// </summary>
    [Fact]
    public void The_titles_of_a_roster_are_known()
    {
        var list = Read(
            ["sourcedId", "status", "givenName", "familyName", "role"],
            ["7", "active", "Wren", "ashby", "student"]
        );
        (list.Given, list.Family).ShouldBe((2, 3));
        list.Students.ShouldBe(["Wren A."]);
    }

    [Fact]
    public void Columns_may_be_chosen()
    {
        IReadOnlyList<IReadOnlyList<string>> rows =
        [
            ["4b", "Wren", "Ashby"],
            ["4b", "Torin", "Bale"],
        ];
        ClassList.Read(rows, 1, 2).OrThrow().Students.ShouldBe(["Wren A.", "Torin B."]);
        ClassList.Read(rows, 1, -1).OrThrow().Students.ShouldBe(["Wren", "Torin"]);
        ClassList.Read(rows, 1, 1).OrThrow().Family.ShouldBeNull();
        ClassList.Read(rows, 9).Problems.ShouldHaveSingleItem().At.ShouldBe("/given");
    }

    [Fact]
    public void Lines_that_are_odd_are_told_and_nothing_is_guessed()
    {
        var list = Read(
            ["name", "surname"],
            ["", "Ashby"],
            ["Wren", "Abel"],
            ["wren", "Abbot"],
            [new string('w', 61), ""]
        );
        list.Students.ShouldBe(["Wren A.", "wren A. 2"]);
        list.Odd.ShouldBe([
            "Line 2 has no name in this column; it is left out.",
            "Line 5 is too long for a name; it is left out.",
            "Wren A. comes 2 times. They are told apart by a number.",
        ]);
    }

    [Fact]
    public void Two_classes_in_one_list_are_asked_about() =>
        Read([.. Enumerable.Range(1, 61).Select(i => new[] { $"P{i}" })])
            .Odd.ShouldHaveSingleItem()
            .ShouldContain("Is it one class?");

    [Fact]
    public void Nothing_at_all_is_refused() => ClassList.Read([]).Problems.ShouldHaveSingleItem().At.ShouldBe("/text");

    [Fact]
    public void A_class_needs_a_name_and_students_with_names()
    {
        ClassList.Problems("", []).Select(p => p.At).ShouldBe(["/name", "/students"]);
        ClassList.Problems("Class 4", ["Wren A.", " "]).ShouldHaveSingleItem().At.ShouldBe("/students/1");
        ClassList.Problems("Class 4", ["Wren A."]).ShouldBeEmpty();
    }

    [Fact]
    public void History_counts_pairs_and_jobs_of_all_rallies()
    {
        var history = ClassHistory.OfPlaces([
            new("r1/t1", new("a"), ["record"]),
            new("r1/t1", new("b"), ["design"]),
            new("r1/t1", new("c"), []),
            new("r2/t1", new("b"), ["record"]),
            new("r2/t1", new("a"), ["record"]),
            new("r2/t2", new("c"), []),
        ]);
        history.Pairs.ShouldBe(
            [new(new("a"), new("b"), 2), new(new("a"), new("c"), 1), new(new("b"), new("c"), 1)],
            ignoreOrder: true
        );
        history.Jobs.ShouldBe(
            [new(new("a"), "record", 2), new(new("b"), "record", 1), new(new("b"), "design", 1)],
            ignoreOrder: true
        );
    }

    private static ClassList Read(params string[][] rows) => ClassList.Read(rows).OrThrow();
}
