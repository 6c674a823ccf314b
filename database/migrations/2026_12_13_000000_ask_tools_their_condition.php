<?php

declare(strict_types=1);

use Database\Relay\Promises;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A tool is asked how it is when it comes in; an edge that nobody has looked at is not called sharp; how deep a nick
 * is stays known until it is out.
 */
return new class extends Migration
{
    private const EDGE = "condition IN ('sharp', 'nicked', 'bevel', 'camber', 'fresh-grind', 'dull', 'back', "
        ."'touch-up')";

    private const EDGE_OR_UNKNOWN = "condition IN ('sharp', 'nicked', 'bevel', 'camber', 'fresh-grind', 'dull', "
        ."'back', 'touch-up', 'unknown')";

    private const TOOL = "condition IN ('works', 'wants-honing', 'wants-work', 'unknown')";

    private const NICK = 'nick_mm > 0';

    public function up(): void
    {
        self::asOne(static function (): void {
            DB::statement('ALTER TABLE tools ADD COLUMN condition VARCHAR');
            Promises::make('tools', [self::TOOL]);
            Promises::takeBack('edges', [self::EDGE]);
            DB::statement('ALTER TABLE edges ADD COLUMN nick_mm FLOAT');
            Promises::make('edges', [self::EDGE_OR_UNKNOWN, self::NICK]);
        });
    }

    /** What is not known has no place in the earlier table: it was called sharp there. */
    public function down(): void
    {
        self::asOne(static function (): void {
            DB::table('edges')->where('condition', 'unknown')->update(['condition' => 'sharp']);
            Promises::takeBack('edges', [self::EDGE_OR_UNKNOWN, self::NICK]);
            DB::statement('ALTER TABLE edges DROP COLUMN nick_mm');
            Promises::make('edges', [self::EDGE]);
            Promises::takeBack('tools', [self::TOOL]);
            DB::statement('ALTER TABLE tools DROP COLUMN condition');
        });
    }

    private static function asOne(Closure $change): void
    {
        Schema::withoutForeignKeyConstraints(
            static fn () => DB::transaction(static function () use ($change): void {
                $change();
                if (DB::select('PRAGMA foreign_key_check') !== []) {
                    throw new RuntimeException('A record refers to one that is not there. Nothing was changed.');
                }
            }),
        );
    }
};
