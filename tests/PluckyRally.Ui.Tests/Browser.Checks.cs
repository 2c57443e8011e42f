using System.Collections.Concurrent;
using System.Text.Json;
using System.Text.RegularExpressions;

namespace PluckyRally.Ui.Tests;

/// <content>What is checked of any page: that it is accessible, fits its window and logs nothing.</content>
public sealed partial class Browser
{
    private static readonly string Axe = File.ReadAllText(
        Path.Combine(ProjectFolder.Root, "web", "node_modules", "axe-core", "axe.min.js")
    );

    /// <summary>
    /// What of an element decides whether it is accessible: what it is, how it looks, how it is marked, whether it
    /// has a name, all this of what it stands in, and how wide the page is. Each kind is two hashes of that: one alone
    /// might fall together with another's.
    /// </summary>
    private const string KindsOfElements = """
        const kinds = new Map()
        const hash = (text, seed) => [...text].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 16777619), seed) >>> 0
        for (const e of document.querySelectorAll('*')) {
          if (!e.checkVisibility()) continue
          const marks = e.getAttributeNames().filter((n) => /^(aria-|role|for|type|disabled|href|tabindex)/.test(n))
          const named = e.textContent.trim() !== '' || !!e.labels?.length || !!e.getAttribute('aria-label')?.trim()
          const states = ['aria-expanded', 'aria-pressed', 'aria-invalid', 'role'].map((n) => e.getAttribute(n) ?? '')
          const inside = kinds.get(e.parentElement) ?? `${innerWidth}`
          const kind = [inside, e.tagName, e.getAttribute('class') ?? '', marks, states, named].join(' ')
          kinds.set(e, `${hash(kind, 1)} ${hash(kind, 2)}`)
        }
        """;

    private static readonly ConcurrentDictionary<(string Place, string Kind), bool> Checked = new();

    /// <summary>
    /// Checks the page against WCAG 2.2 A and AA, each kind of element once in a run: what was checked at this address
    /// before is not checked again, only what is new in it.
    /// </summary>
    public void ShouldBeAccessible()
    {
        var place = AnyId.Replace(Place.Split('?', '#')[0], "…");
        var fresh = (
            (IEnumerable<object>)_driver.ExecuteScript(KindsOfElements + "return [...new Set(kinds.values())]")!
        )
            .Cast<string>()
            .Where(k => !Checked.ContainsKey((place, k)))
            .ToList();
        if (fresh.Count == 0)
            return;
        if (!(bool)_driver.ExecuteScript("return 'axe' in window")!)
            _driver.ExecuteScript(Axe);
        var found = (string)
            _driver.ExecuteAsyncScript(
                KindsOfElements
                    + """
                    const [fresh, done] = arguments
                    const isFresh = (e) => fresh.includes(kinds.get(e))
                    const include = [...kinds.keys()].filter((e) => isFresh(e) && !isFresh(e.parentElement))
                    // What has gone since it was looked at is checked when it is there again.
                    const checked = [...new Set(kinds.values())].filter((k) => fresh.includes(k))
                    if (checked.length === 0) return done(JSON.stringify({ checked, said: [] }))
                    const runOnly = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']
                    const place = (n) => n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')
                    const places = (v) => v.nodes.map(place).join('; ')
                    const say = (v) => v.id + ': ' + v.help + ' at ' + places(v)
                    axe.run({ include }, { runOnly, resultTypes: ['violations'], preload: false })
                      .then((r) => done(JSON.stringify({ checked, said: r.violations.map(say) })))
                      .catch((e) => done(JSON.stringify({ checked, said: [String(e)] })))
                    """,
                fresh
            )!;
        var (kinds, said) = JsonSerializer.Deserialize<AxeSaid>(found, JsonSerializerOptions.Web)!;
        said.ShouldBeEmpty($"at {Place}");
        foreach (var kind in kinds)
            Checked[(place, kind)] = true;
    }

    private sealed record AxeSaid(string[] Checked, string[] Said);

    /// <summary>
    /// Checks that nothing makes the page wider than its window, and that nothing sticks out of what it stands in.
    /// </summary>
    public void ShouldFit() => (
            (IEnumerable<object>)
                _driver.ExecuteAsyncScript(
                    """
                    const done = arguments[0]
                    // A page that was made narrower lays itself out anew before the frame after the next.
                    requestAnimationFrame(() => requestAnimationFrame(() => done(stickingOut())))
                    const right = (e) => Math.round(e.getBoundingClientRect().right)
                    function stickingOut() {
                      const width = document.documentElement.clientWidth
                      const fits = document.documentElement.scrollWidth <= width
                      const all = [...document.querySelectorAll('body *')]
                      const wide = fits ? [] : all.filter((e) => right(e) > width + 1)
                      const small = document.querySelectorAll('main :is(button, input, textarea, select, p)')
                      const out = [...small].filter((e) => {
                        // The pages of a wall stand beside each other; WallTests measures them.
                        if (e.closest('.flow')) return false
                        for (let a = e.parentElement; a && a.tagName !== 'MAIN'; a = a.parentElement) {
                          const style = getComputedStyle(a)
                          if (style.overflowX !== 'visible') return false
                          if (!['inline', 'contents'].includes(style.display) && right(e) > right(a) + 1) return true
                        }
                        return false
                      })
                      const called = (e) => `${e.tagName}.${e.className} ${e.innerText ?? ''}: ${right(e)}`
                      return [...wide, ...out].map(called)
                    }
                    """
                )!
        ).Take(12).ShouldBeEmpty($"at {Place}");

    /// <summary>
    /// What the browser remarks by its own clock, however well all goes: a file that was fetched beforehand and not
    /// used within some seconds, which a busy machine is enough for. Whether a page takes what is named with it is
    /// asked in FirstFilesTests, of the page. A timer or a handler that took long is the other one.
    /// </summary>
    private static readonly string[] RemarksOnTime =
    [
        "was preloaded using link preload but not used within",
        "[Violation]",
    ];

    /// <summary>
    /// Checks that the browser logged nothing worse than a notice since last asked: errors of scripts, requests that
    /// failed, what is out of date or not allowed. Remarks on timing are no faults.
    /// </summary>
    /// <param name="expected">A part of the messages that this test brings about on purpose.</param>
    public void ShouldHaveCleanConsole(string? expected = null) =>
        _driver
            .Manage()
            .Logs.GetLog(LogType.Browser)
            .Where(l =>
                l.Level is LogLevel.Severe or LogLevel.Warning
                && !RemarksOnTime.Any(r => l.Message.Contains(r, StringComparison.Ordinal))
                && (expected is null || !l.Message.Contains(expected, StringComparison.Ordinal))
            )
            .Select(l => l.Message)
            .ShouldBeEmpty();

    /// <summary>An id in an address: of a brief or a rally, or of a team.</summary>
    private static readonly Regex AnyId = new("[0-9a-f]{8}-[0-9a-f-]{27}|(?<=/)t[0-9]+$");
}
