<?php

declare(strict_types=1);

use Database\Relay\Promises;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A photograph shows a tool that was looked over, or a step of a job. */
return new class extends Migration
{
    private const A_LOOK = '"look_over_id" integer not null';

    private const ANYTHING = '"look_over_id" integer';

    private const OF_ONE = ['(look_over_id IS NULL) <> (work_job_id IS NULL)'];

    public function up(): void
    {
        Promises::exchange('photos', self::A_LOOK, self::ANYTHING);
        Schema::table('photos', static function (Blueprint $table): void {
            $table->foreignId('work_job_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->unsignedInteger('step')->nullable();
        });
        Promises::make('photos', self::OF_ONE);
    }

    public function down(): void
    {
        DB::statement('DELETE FROM photos WHERE look_over_id IS NULL');
        Promises::takeBack('photos', self::OF_ONE);
        DB::statement('DROP INDEX photos_work_job_id_index');
        Schema::table(
            'photos',
            static function (Blueprint $table): void {
                $table->dropForeign(['work_job_id']);
                $table->dropColumn(['work_job_id', 'step']);
            },
        );
        Promises::exchange('photos', self::ANYTHING, self::A_LOOK);
    }
};
