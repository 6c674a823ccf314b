<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People, who is at which bench, what they are signed in on, and what lets others in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            // Null: the one user of a machine without sign-in.
            $table->string('login')->nullable()->unique();
            $table->string('password')->nullable();
        });
        Schema::table('diary_entries', static fn (Blueprint $table) => $table->string('written_by')->nullable());
        Schema::create('memberships', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bench_id')->index()->constrained()->cascadeOnDelete();
            $table->string('role');
            $table->timestamps();
            $table->unique(['user_id', 'bench_id']);
        });
        Schema::create('sign_ins', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->index()->constrained()->cascadeOnDelete();
            $table->string('key_hash')->unique();
            $table->string('device');
            $table->foreignId('bench_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->string('seen_at');
            $table->string('ends_at');
            $table->timestamps();
        });
        Schema::create('tickets', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('key_hash')->unique();
            $table->foreignId('bench_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->string('role')->nullable();
            $table->foreignId('user_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->string('ends_at');
            $table->string('used_at')->nullable();
            $table->timestamps();
        });
        Schema::create('attempts', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->unsignedInteger('count');
            $table->unsignedInteger('tried_at')->index();
            $table->unsignedInteger('waits_until');
        });
        DB::statement("INSERT INTO memberships (user_id, bench_id, role) SELECT users.id, benches.id, 'owner'
            FROM users, benches");
    }

    public function down(): void
    {
        foreach (['attempts', 'tickets', 'sign_ins', 'memberships'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('diary_entries', static fn (Blueprint $table) => $table->dropColumn('written_by'));
        DB::statement('DROP INDEX users_login_unique');
        foreach (['login', 'password'] as $column) {
            DB::statement("ALTER TABLE users DROP COLUMN $column");
        }
    }
};
