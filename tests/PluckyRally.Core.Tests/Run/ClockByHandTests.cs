using CsCheck;
using PluckyRally.Core.Run;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Run;

/// <summary>
/// The clock against a kitchen timer: seconds counted down one by one, by hand, as a teacher would without it.
/// </summary>
public sealed class ClockByHandTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 25, 9, 0, 0, TimeSpan.Zero);

    private static readonly Brief Brief = Sample.Simple() with
    {
        Timing = new Timing
        {
            Phases =
            [
                Sample.Phase("plan", PhaseKind.Plan, minutes: 4),
                Sample.Phase("build", PhaseKind.Build, minutes: 9, warning: 2),
                Sample.Phase("talk", PhaseKind.Talk, minutes: 3),
            ],
        },
    };

    /// <summary>What is touched, and how many seconds later the next touch comes.</summary>
    private static readonly Gen<(int Touch, int Seconds)[]> Lessons = Gen.Select(Gen.Int[0, 8], Gen.Int[0, 240]).Array[
        1,
        20
    ];

    [Fact]
    public void Whatever_is_touched_the_clock_shows_what_a_kitchen_timer_would() =>
        Lessons.Sample(
            touches =>
            {
                var (entries, timer, second) = (new List<Entry>(), new Timer(), 0);
                foreach (var (touch, seconds) in touches)
                {
                    var entry = Touched(touch, second, entries.Count);
                    entries.Add(entry);
                    timer.Touch(entry);
                    for (var i = 0; i < seconds; i++)
                        timer.Tick();
                    second += seconds;
                    var clock = LessonClock.Of(Brief, [new("a")], StandingLog.Of(entries));
                    clock.Phase?.Id.ShouldBe(timer.Phase);
                    (clock.Phase is null).ShouldBe(timer.Phase is null);
                    if (clock.Phase is null)
                        continue;
                    (clock.Ends is null).ShouldBe(timer.Stopped);
                    var left = clock.Ends is { } ends
                        ? (decimal)(ends - Nine.AddSeconds(second)).TotalSeconds
                        : clock.Left!.Value;
                    left.ShouldBe(timer.Left);
                }
            },
            iter: Thorough.Times(400)
        );

    [Fact]
    public void Ahead_or_behind_is_told_from_the_first_beginning_whatever_was_jumped()
    {
        Entry[] log = [Touched(0, 0, 0), Touched(1, 60, 1), Touched(2, 120, 2)];
        var clock = LessonClock.Of(Brief, [new("a")], StandingLog.Of(log));
        clock.PlannedEnd.ShouldBe(Nine.AddMinutes(16), "4 + 9 + 3 minutes of plan");
        clock.Ends.ShouldBe(Nine.AddMinutes(5), "two minutes and the three of the talk, so eleven ahead");
        clock.MinutesAfter.ShouldBe(0);
    }

    private static Entry Touched(int touch, int second, int number)
    {
        var (id, at) = (new Guid(number + 1, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1), Nine.AddSeconds(second));
        return touch switch
        {
            0 => new Entry.PhaseBegun
            {
                Id = new(id),
                At = at,
                Phase = "plan",
            },
            1 => new Entry.PhaseBegun
            {
                Id = new(id),
                At = at,
                Phase = "build",
            },
            2 => new Entry.PhaseBegun
            {
                Id = new(id),
                At = at,
                Phase = "talk",
            },
            3 => new Entry.PhaseBegun
            {
                Id = new(id),
                At = at,
                Phase = "",
            },
            4 or 5 => new Entry.ClockPaused { Id = new(id), At = at },
            6 or 7 => new Entry.ClockResumed { Id = new(id), At = at },
            _ => new Entry.MinutesAdded
            {
                Id = new(id),
                At = at,
                Minutes = second % 2 == 0 ? 1 : -2,
            },
        };
    }

    /// <summary>Counts down by ones.</summary>
    private sealed class Timer
    {
        public string? Phase { get; private set; }

        public bool Stopped { get; private set; }

        public int Left { get; private set; }

        public void Tick() => Left -= Stopped ? 0 : 1;

        public void Touch(Entry entry)
        {
            switch (entry)
            {
                case Entry.PhaseBegun begun:
                    Phase = begun.Phase.Length == 0 ? null : begun.Phase;
                    (Stopped, Left) = (
                        false,
                        60
                            * begun.Phase switch
                            {
                                "plan" => 4,
                                "build" => 9,
                                "talk" => 3,
                                _ => 0,
                            }
                    );
                    break;
                case Entry.ClockPaused when Phase is not null:
                    Stopped = true;
                    break;
                case Entry.ClockResumed:
                    Stopped = false;
                    break;
                case Entry.MinutesAdded added:
                    Left += 60 * (int)added.Minutes;
                    break;
            }
        }
    }
}
