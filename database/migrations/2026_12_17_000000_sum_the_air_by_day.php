<?php

declare(strict_types=1);

use App\Climate\AirDays;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Season\ClimateLine;

/** Each stretch of the air is summed up by the day once, not its hours at each reading of a page. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            'CREATE TABLE air_days (
                climate_stretch_id INTEGER PRIMARY KEY NOT NULL REFERENCES climate_stretches (id) ON DELETE CASCADE,
                readings INTEGER NOT NULL CHECK (readings >= 0),
                from_second INTEGER NOT NULL,
                until_second INTEGER NOT NULL CHECK (until_second >= from_second),
                days TEXT NOT NULL CHECK (json_valid(days)))',
        );
        foreach (DB::table('climate_stretches')->orderBy('id')->pluck('id') as $id) {
            /** @var string $json */
            $json = DB::table('climate_stretches')->where('id', $id)->value('readings');
            /** @var list<array{int, float, float}> $readings */
            $readings = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
            $columns = AirDays::columns(array_map(
                static fn (array $row): array => [
                    $row[0] / ClimateLine::SECONDS_PER_DAY,
                    (float) $row[1],
                    (float) $row[2],
                ],
                $readings,
            ));
            DB::table('air_days')->insert([
                ...$columns,
                'climate_stretch_id' => $id,
                'days' => json_encode($columns['days'], JSON_THROW_ON_ERROR),
            ]);
        }
    }

    public function down(): void
    {
        DB::statement('DROP TABLE air_days');
    }
};
