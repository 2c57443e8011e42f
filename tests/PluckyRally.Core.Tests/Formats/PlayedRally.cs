namespace PluckyRally.Core.Tests.Formats;

/// <summary>
/// A brief that is played by a seed: two rounds of four teams, with attempts that fail, are void or are crossed out,
/// several designs, a relay that is stopped, a comparison, and a brief that is changed in between.
/// </summary>
internal sealed class PlayedRally
{
    private static readonly string[] Names = ["Terns", "Whelks", "Crabs", "Gulls"];

    private readonly Random _random;
    private readonly IReadOnlyList<TryHandle> _handles;
    private OpenedRally _opened;

    private PlayedRally(Brief brief, int seed)
    {
        _random = new(seed);
        _opened = OpenedRally
            .Open(
                new()
                {
                    Name = $"{brief.Title}, played by {seed}",
                    Edition = new() { Brief = brief with { Tiers = [] } },
                    Teams =
                    [
                        .. Names.Select(name =>
                            Sample.Team(new(name.ToLowerInvariant()), name, members: _random.Next(2, 5))
                        ),
                    ],
                }
            )
            .OrThrow();
        _handles = TryHandles.Of(_opened.Begun);
    }

    public static Rally Play(Brief brief, int seed)
    {
        var played = new PlayedRally(brief, seed);
        for (var round = 1; round <= 2; round++)
            played.Round(round);
        return played._opened.Rally with { Teams = played._opened.Joined, Entries = played._opened.Received };
    }

    private void Round(int round)
    {
        var teams = _opened.Joined;
        for (var at = 0; at < teams.Count; at++)
        {
            foreach (var entry in Written(teams, at).Where(_ => _random.Next(12) > 0))
            {
                var taken = Offer(entry with { Round = round, By = "Pell" });
                if (taken && _random.Next(20) == 0)
                    Offer(
                        new Entry.StruckOut
                        {
                            Id = default,
                            Round = round,
                            Entry = _opened.Received[^1].Id,
                        }
                    );
            }

            foreach (var relay in _opened.Begun.Brief.Method.Parts.OfType<Part.Relay>())
                if (_random.Next(3) == 0)
                    Offer(
                        new Entry.RelayStopped
                        {
                            Id = default,
                            Round = round,
                            Team = teams[at].Id,
                            Part = relay.Id,
                            Reason = "the baton broke",
                        }
                    );
        }

        Offer(
            new Entry.ReferenceAdded
            {
                Id = default,
                Round = round,
                Team = new($"bare{round}"),
                Name = $"Bare hull {round}",
                Purpose = Purpose.Control,
            }
        );
        Offer(
            new Entry.BriefMended
            {
                Id = default,
                Round = round,
                Reason = "There was less time.",
                Changes = [new("/trials/attempts", System.Text.Json.JsonElement.Parse($"{_random.Next(1, 4)}"))],
                OnlyThisRound = _random.Next(2) == 0,
            }
        );
        if (_random.Next(2) == 0)
            Offer(new Entry.RoundClosed { Id = default, Round = round });
    }

    private IEnumerable<Entry> Written(IReadOnlyList<Team> teams, int at)
    {
        var several = _opened.Begun.Brief.Trials.Designs == DesignChoice.Best;
        var team = new PretendTeam
        {
            Name = teams[at].Name,
            Values = _handles.ToDictionary(
                h => h.Id,
                h => h.Low + (h.Step * _random.Next((int)((h.High - h.Low) / h.Step) + 1))
            ),
            Missed = [.. _opened.Begun.Brief.Rules.Where(_ => _random.Next(6) == 0).Select(r => r.Id)],
        };
        foreach (var entry in SampleResults.Entries(_opened.Begun, team, teams, at))
            yield return entry is not Entry.TrialRecorded trial
                ? entry
                : _random.Next(8) switch
                {
                    0 => trial with { Outcome = TrialOutcome.Failed, Readings = [] },
                    1 => trial with { Outcome = TrialOutcome.Void, Reason = "the tester slipped", Attempt = null },
                    2 or 3 when several => trial with { Design = "the other hull", Attempt = null },
                    _ => trial,
                };
    }

    /// <summary>Takes it in where the rally takes it.</summary>
    private bool Offer(Entry entry)
    {
        var accepted = Recorder.Accept(
            _opened,
            entry with
            {
                Id = new(new Guid(_opened.Received.Count + 1, 1, 1, new byte[8])),
            }
        );
        if (!accepted.IsOk || _opened.With(accepted.Value) is not { IsOk: true } grown)
            return false;
        _opened = grown.Value;
        return true;
    }
}
