import { expect, test } from 'vitest'
import { everything } from '../../../scripts/words.mjs'

/**
 * Words and turns that are not said any more, each with what is said. A sentence that needs one for another sense is
 * listed below; names of fields in files stand in code and are not read here.
 */
const retired: [RegExp, string][] = [
  [/\bpupils?\b/i, 'student'],
  [/\bcall signs?\b/i, 'short code'],
  [/\bvoices?\b/i, 'vote'],
  [/\bmend(ed|s|ing)?\b/i, 'fix, or change the brief'],
  [/\banew\b/i, 'again'],
  [/\bput away\b/i, 'archive, or return'],
  [/\b(take|taken|takes) (it )?away\b/i, 'delete, or remove'],
  [/\btaken? (it )?back\b/i, 'undo, or restore'],
  [/\b(take|taken|takes) it out\b/i, 'remove'],
  [/\btakes? (it )?along\b/i, 'download, or learn'],
  [/\b(bring|brings|brought) in\b/i, 'import'],
  [/\b(strike|struck) (it )?out\b|\bstrikes?\b/i, 'cross out'],
  [/\bvoid\b/i, 'doesn’t count'],
  [/\bheld? (teams )?against\b|\bto hold teams\b/i, 'comparison'],
  [/\bmiddle one\b/i, 'median'],
  [/\b(of|in) a hundred\b/i, 'in 100'],
  [/\b(sets?|parted) (teams|nobody|the class) ?(apart)?\b/i, 'makes a difference'],
  [/\bputs? out\b/i, 'keeps from placing'],
  [/\bfailure points\b/i, '“no success” points'],
  [/\bclear(s|ed|ing)? up\b/i, 'clean up'],
  [/\bfalls away\b/i, 'isn’t used'],
  [/\bwhat it is like\b/i, 'describe the design'],
  [/\bbeyond it\b/i, 'to spare'],
  [/\bif not as usual\b/i, 'outcome'],
  [/\bso many\b/i, 'a number of'],
  [/\b(draw) number\b/i, 'shuffle number'],
  [/\bwish(es)?\b/i, 'preference'],
  [/\bstart page\b/i, 'Home'],
  [/\bclock stands\b/i, 'the clock is stopped'],
  [/\bgoes round\b/i, 'rotating'],
  [/\bcomes late\b/i, 'latecomer'],
  [/\bover all\b/i, 'combined'],
  [/\bseen in passing\b/i, 'observations'],
  [/\bhow sure\b/i, 'how certain'],
  [/\bthought up\b/i, 'made up'],
  [/\bon a stick\b/i, 'on a USB drive'],
  [/\bcriterions\b/i, 'criteria'],
  [
    /\b(colou?rs?(?<=our|ours)|greys?|centimetres?|metres?|judgement|programme|timetable|autumn)\b/i,
    'American spelling',
  ],
  [/\b(harbours?|licences?(?!\.json))\b/i, 'American spelling'],
  [/\btick(ed|s)?\b/i, 'check'],
  [/\b(in|of) the bag\b/i, 'what the team drew'],
  [/\bless than (no time|nothing)\b|\bmore than nothing\b/i, 'cannot be negative'],
  [/\b(stands|named) (there twice|who judged)\b|\bcomputer is served\b/i, 'listed, enter, connect'],
  [
    /\b(is worth \d|to begin with|enters the sum|turn round|went wrong most|nothing comes of it)\b/i,
    'see sentences.txt',
  ],
  [
    /\bwaiting to be looked at\b|\bin one of twenty\b|\bput in order with\b/i,
    'needs a decision, in 1 of 20, rank against',
  ],
  [/^Nothing here is kept|\bopens one folder\b|\bbetter into worse\b/i, 'say it as you would to a colleague'],
  [/\bin in\b/i, 'in, once'],
  [/\b(tests?|tested|run) at (\S+ )?places?\b|: place \d/i, 'table'],
]

/** Names of types, tables and addresses, which nobody is shown. */
const meant = ['Timetable', 'Pupils', 'Wishes']

test('nothing that people read has a word that is not said any more', () => {
  const texts = everything()
  expect(texts.length).toBeGreaterThan(6000)
  const left = texts
    .filter((t) => !meant.includes(t.text))
    .flatMap((t) =>
      retired
        .filter(([word]) => word.test(t.text))
        .map(([word, better]) => `${t.file}:${t.line}: ${word.exec(t.text)![0]} → ${better}: ${t.text}`),
    )
  expect(left).toEqual([])
  // It reads every file; a busy machine takes a while.
}, 60_000)
