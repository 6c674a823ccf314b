<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Bench\User;
use App\People\Membership;
use App\People\Role;
use App\People\SignIn;
use App\People\Ticket;
use App\Photo\PhotoFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use Throwable;

/** Makes a bench of a file beside those that are there: its records get numbers that nobody has. */
final class BringBeside
{
    /** @var array<string, string> by the name in the file, the name here */
    private array $photos = [];

    public function __construct(private readonly BenchFileIn $file)
    {
    }

    /** What it will be called: its own name, or that with a number behind it. */
    public static function nameFor(string $name): string
    {
        for ($number = 1; ; $number++) {
            $free = $number === 1 ? $name : "$name $number";
            if (! Bench::inUse()->where('name', $free)->exists()) {
                return $free;
            }
        }
    }

    /** @throws RuntimeException when something of it is not as its layout has it; nothing is brought then */
    public function bring(User $owner): Bench
    {
        try {
            return DB::transaction(function () use ($owner): Bench {
                DB::statement('PRAGMA defer_foreign_keys = ON');
                $name = self::nameFor($this->file->head->name);
                $bench = Bench::query()->forceCreate(['name' => $name, 'revision' => 1, 'brought_revision' => 1]);
                $this->records($bench);
                Membership::give($owner, $bench, Role::Owner);
                WorkedOut::anew($bench);
                $owner->standAt($bench);

                return $bench;
            });
        } catch (Throwable $why) {
            array_map(static fn (string $name): bool => @unlink(PhotoFile::folder()."/$name"), $this->photos);
            throw $why;
        }
    }

    private function records(Bench $bench): void
    {
        $known = [];
        foreach ($this->file->tables() as $table) {
            $known[$table] = array_fill_keys($this->file->numbers($table), true);
        }
        $numbers = new Renumbering($known, $bench->id);
        foreach ($this->file->tables() as $table) {
            $lines = array_map(
                static fn (array $line): array => $numbers->line($table, $line),
                $this->file->told($table),
            );
            Rows::write($table, $table === 'photos' ? array_map($this->photo(...), $lines) : $lines);
        }
    }

    /**
     * A photograph gets a name of its own, and is looked at before it is kept.
     *
     * @param  array<string, mixed>  $line
     * @return array<string, mixed>
     */
    private function photo(array $line): array
    {
        $name = is_string($line['file'] ?? null) ? $line['file'] : '';
        $picture = $this->file->photo($name);
        $size = $picture === null ? false : @getimagesizefromstring($picture);
        if ($picture !== null && ($size === false || $size[2] !== IMAGETYPE_JPEG)) {
            throw new RuntimeException("That file has a photograph that is none: “{$name}”.");
        }
        $here = Str::lower((string) Str::ulid()).'.jpg';
        if ($picture !== null) {
            @mkdir(PhotoFile::folder(), 0700, true);
            file_put_contents(PhotoFile::folder()."/$here", $picture);
        }
        $this->photos[$name] = $here;

        return ['file' => $here] + $line;
    }

    /**
     * Takes back what was brought, as long as nothing was written there since: nobody comes to it any more. Its records
     * stay, for no diary loses a line.
     *
     * @throws RuntimeException when something was written there
     */
    public static function takeBack(Bench $bench, Bench $instead): void
    {
        DB::transaction(static function () use ($bench, $instead): void {
            $bench->refresh();
            if ($bench->brought_revision !== $bench->revision) {
                throw new RuntimeException('Something was written at that bench since: it stays.');
            }
            User::query()->where('bench_id', $bench->id)->update(['bench_id' => $instead->id]);
            foreach ([Membership::class, Ticket::class, SignIn::class] as $wayIn) {
                $wayIn::query()->where('bench_id', $bench->id)->delete();
            }
            $bench->forceFill(['taken_back_at' => Carbon::now()->toIso8601ZuluString()])->save();
        });
    }
}
