using Microsoft.AspNetCore.Identity;
using PluckyRally.Data.Owners;

namespace PluckyRally.Web.Access;

/// <summary>Which passwords are taken: long enough, and none that is among the first to be tried.</summary>
internal sealed class PasswordRule : IPasswordValidator<Owner>
{
    /// <summary>Shortest password (OWASP ASVS 4.0.3, 2.1.1: at least 12 characters, no rules about which).</summary>
    public const int Shortest = 12;

    /// <summary>Longest password (OWASP ASVS 4.0.3, 2.1.2).</summary>
    public const int Longest = 128;

    /// <summary>
    /// How hard it must be to guess, in bits: more than the longest list of common passwords and their usual changes.
    /// The lists and the reckoning are the library's (Wheeler, zxcvbn, USENIX Security 2016).
    /// </summary>
    private const double Bits = 30;

    /// <summary>
    /// Work of the hash: PBKDF2 with HMAC-SHA-512, 210,000 rounds (OWASP Password Storage Cheat Sheet, from memory).
    /// </summary>
    public const int Rounds = 210_000;

    /// <summary>Words that anybody would try here.</summary>
    private static readonly string[] Known = ["plucky", "rally", "teacher"];

    public Task<IdentityResult> ValidateAsync(UserManager<Owner> manager, Owner user, string? password) =>
        Task.FromResult(
            Problem(password ?? "") is { } wrong
                ? IdentityResult.Failed(new IdentityError { Code = "password", Description = wrong.What })
                : IdentityResult.Success
        );

    /// <summary>
    /// How hard a password is to guess, from 0 to 4, by the library's own scale; none that is refused is more than 1.
    /// </summary>
    public static int Strength(string password) =>
        password.Length > Longest ? 1
        : Entropy(password) < Bits ? 0
        : password.Length < Shortest ? 1
        : Math.Max(2, Zxcvbn.Zxcvbn.MatchPassword(password, Known).Score);

    private static double Entropy(string password) => Zxcvbn.Zxcvbn.MatchPassword(password, Known).Entropy;

    /// <summary>What is wrong with a password; null where it will do.</summary>
    public static Core.Problems.Problem? Problem(string password) =>
        password.Length < Shortest
            ? new(
                "/password",
                "This password is too short.",
                $"Use at least {Shortest} characters; a few words are easy to remember."
            )
        : password.Length > Longest
            ? new("/password", "This password is too long.", $"Use at most {Longest} characters.")
        : Entropy(password) < Bits
            ? new(
                "/password",
                "This password is among the first that are tried.",
                "Use a few words that do not belong together; no names, rows of keys or repeated words."
            )
        : null;
}
