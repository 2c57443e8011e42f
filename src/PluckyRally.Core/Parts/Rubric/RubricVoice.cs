namespace PluckyRally.Core.Parts;

/// <summary>Whose word counts in a rubric.</summary>
public enum RubricVoice
{
    /// <summary>The teacher's or a judge's.</summary>
    Teacher,

    /// <summary>The mean of the other teams' words; a team's word about itself is left out.</summary>
    Peers,

    /// <summary>The team's own.</summary>
    Self,
}
