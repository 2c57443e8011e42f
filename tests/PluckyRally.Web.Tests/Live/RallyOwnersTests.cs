using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web.Tests.Live;

/// <summary>
/// What is in memory of a rally is never newer than the disk, and never older than what was seen of it.
/// </summary>
public sealed class RallyOwnersTests
{
    private static readonly RallyId Able = new RallyId(Guid.CreateVersion7());
    private static readonly RallyId Baker = new RallyId(Guid.CreateVersion7());
    private readonly RallyOwners _owners = new();

    [Fact]
    public void What_is_accepted_stands_only_when_it_is_on_the_disk()
    {
        var read = Read(Able);
        _owners.Keep(read);
        var (one, two) = (With(read, 1), With(read, 2));
        _owners.Expect(one);
        _owners.Expect(two);
        _owners.Find(Able).ShouldBe(read);
        _owners.Newest(Able).ShouldBe(two);
        _owners.Keep(two);
        _owners.Find(Able).ShouldBe(two);
        _owners.Keep(one);
        _owners.Find(Able).ShouldBe(two, "the answer to the first of two may come last");
        _owners.Newest(Able).ShouldBe(two);
    }

    [Fact]
    public void What_was_read_or_accepted_before_it_was_forgotten_is_not_kept()
    {
        var read = Read(Able);
        _owners.Keep(read);
        _owners.Keep(Read(Baker));
        _owners.Expect(With(read, 1));
        var late = Read(Able);
        _owners.Forget(Able);
        _owners.Keep(late);
        _owners.Keep(With(read, 1));
        _owners.Expect(With(read, 2));
        _owners.Find(Able).ShouldBeNull();
        _owners.Newest(Able).ShouldBeNull();
        _owners.Find(Baker).ShouldNotBeNull("another rally has nothing to do with it");
        var again = Read(Able);
        _owners.Keep(again);
        _owners.Find(Able).ShouldBe(again);
        _owners.ForgetAll();
        _owners.Find(Able).ShouldBeNull();
        _owners.Find(Baker).ShouldBeNull();
    }

    [Fact]
    public void What_was_accepted_on_an_earlier_reading_does_not_push_out_a_later_one()
    {
        var first = Read(Able);
        _owners.Keep(With(first, 2));
        var again = With(Read(Able), 2);
        _owners.Keep(again);
        var third = With(again, 3);
        _owners.Expect(third);
        _owners.Keep(With(first, 1));
        _owners.Find(Able).ShouldBe(again);
        _owners.Newest(Able).ShouldBe(third);
    }

    [Fact]
    public void What_has_something_on_its_way_to_the_disk_is_not_let_go()
    {
        var read = Read(Able);
        var next = With(read, 1);
        _owners.Keep(read);
        _owners.Expect(next);
        _owners.Keep(Read(Baker));
        for (var n = 0; n < 100; n++)
            _owners.Keep(Read(new(Guid.CreateVersion7())));
        _owners.Newest(Able).ShouldBe(next);
        _owners.Holds(Able).ShouldBeTrue();
        _owners.Holds(Baker).ShouldBeFalse("nobody has asked for it for longest");
    }

    [Fact]
    public void A_later_state_of_the_same_reading_is_as_new_and_another_reading_is_not()
    {
        var version = new RallyVersion(3, 10);
        new RallyVersion(3, 10).IsAsNewAs(version).ShouldBeTrue();
        new RallyVersion(3, 11).IsAsNewAs(version).ShouldBeTrue();
        new RallyVersion(3, 9).IsAsNewAs(version).ShouldBeFalse();
        new RallyVersion(4, 11).IsAsNewAs(version).ShouldBeFalse();
        new RallyVersion(4, 2).IsOlderThan(version).ShouldBeFalse();
        new RallyVersion(2, 20).IsOlderThan(version).ShouldBeTrue();
        new RallyVersion(3, 9).IsOlderThan(version).ShouldBeTrue();
    }

    private KeptRally Read(RallyId rally) =>
        new(
            _owners.NewGround(),
            new StoredRally
            {
                Id = rally,
                Name = "",
                Edition = "",
                BriefTitle = "",
            },
            new Rally
            {
                Name = "",
                Edition = new() { Brief = new Brief() },
            },
            Result<OpenedRally>.Refused(new Problem("", "", ""))
        );

    private static KeptRally With(KeptRally rally, int entries) =>
        rally with
        {
            Rally = rally.Rally with { Entries = [.. Enumerable.Repeat(Note, entries)] },
        };

    private static readonly Entry Note = new Entry.NoteMade { Id = new(Guid.CreateVersion7()), Text = "It leans." };
}
