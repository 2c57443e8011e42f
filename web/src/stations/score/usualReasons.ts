/** Why attempts fail and why they do not count at all, as judges say it most often; one touch each. */
export const usualReasons = {
  failed: ['it broke', 'it fell over', 'it did not get there', 'it was over the time'],
  void: ['the tester slipped', 'the set-up moved', 'somebody got in the way'],
} as const
