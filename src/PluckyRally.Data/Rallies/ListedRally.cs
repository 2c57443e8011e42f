using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Rallies;

/// <summary>A rally as a list shows it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day it is run.</param>
/// <param name="BriefTitle">The brief's title.</param>
/// <param name="BriefId">The brief that it was made from; null where that is not on this shelf.</param>
/// <param name="MadeAt">When it was made.</param>
/// <param name="Teams">How many teams there are.</param>
/// <param name="Entries">How many entries there are.</param>
/// <param name="Archived">Whether it is archived.</param>
public sealed record ListedRally(
    RallyId Id,
    string Name,
    DateOnly? Date,
    string BriefTitle,
    BriefId? BriefId,
    DateTimeOffset MadeAt,
    int Teams,
    int Entries,
    bool Archived
);
