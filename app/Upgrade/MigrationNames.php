<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Http\Sent;
use Illuminate\Database\Connection;

/** Steps that were called otherwise when they were made: a database that took them under their old names knows them. */
final class MigrationNames
{
    /** By the old name, both without their day. */
    private const NOW = [
        'lay_the_house' => 'create_benches_tools_edges_and_squares',
        'hang_the_kit' => 'describe_works_and_create_kit_settings',
        'tend_the_edges' => 'create_guides_edge_events_and_stop_trials',
        'true_the_straightedges' => 'create_straightedges',
        'keep_every_reference' => 'create_references',
        'look_over_the_stall' => 'create_look_overs_photos_and_mends',
        'notice_what_stands_idle' => 'create_tool_uses',
        'care_for_the_kit' => 'create_care_rounds_and_consumables',
        'hang_on_a_shadow_board' => 'create_shadow_boards',
        'read_sizes_at_the_stall' => 'add_sizes_to_look_overs',
        'file_the_saws' => 'create_filings',
        'check_the_augers' => 'create_auger_bits',
        'remember_the_spurs_before' => 'add_spurs_before_to_auger_bits',
        'log_the_air' => 'create_climate_stretches',
        'lay_blanks_on_the_shelf' => 'create_blanks_and_rest_visits',
        'make_the_references' => 'create_makings',
    ];

    /**
     * @param  list<string>  $ran
     * @return list<string> the same under the names they have now
     */
    public static function now(array $ran): array
    {
        return array_map(self::of(...), $ran);
    }

    /** Writes the names of today into the list of steps; nothing else is touched. */
    public static function write(Connection $database, string $table): void
    {
        $database->transaction(static function () use ($database, $table): void {
            foreach (Sent::texts($database->table($table)->pluck('migration')->all()) as $name) {
                $now = self::of($name);
                if ($now !== $name) {
                    $database->table($table)->where('migration', $name)->update(['migration' => $now]);
                }
            }
        });
    }

    private static function of(string $name): string
    {
        // 2026_11_01_000000_ stands before each.
        [$day, $what] = [substr($name, 0, 18), substr($name, 18)];

        return $day.(self::NOW[$what] ?? $what);
    }
}
