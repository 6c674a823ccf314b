<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Bench\User;
use App\People\Membership;
use App\People\Role;
use App\Photo\PhotoFile;
use App\Sum\Sums;
use Illuminate\Support\Facades\DB;
use JackRest\Core\Measure\LengthUnit;
use RuntimeException;
use ZipArchive;

/** Makes a bench of a file again, under the numbers it had, in a database that has none yet. */
final class BenchFileIn
{
    /** Larger files are none that a bench makes. */
    private const MOST_BYTES = 1_000_000_000;

    private readonly ZipArchive $zip;

    /** @var array{bench: array{id: int, name: string}, tables: array<string, int>, layout: string} */
    private readonly array $head;

    /** @throws RuntimeException when it is no such file */
    public function __construct(string $path)
    {
        $this->zip = new ZipArchive();
        if (! is_file($path) || $this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new RuntimeException("$path is no file of a bench.");
        }
        $head = json_decode((string) $this->zip->getFromName(BenchFile::HEAD), true);
        if (! is_array($head) || ($head['format'] ?? null) !== BenchFile::FORMAT || ! self::isWhole($head)) {
            throw new RuntimeException("$path is no file of a bench.");
        }
        if (($head['version'] ?? 0) > BenchFile::VERSION) {
            throw new RuntimeException('That file was written by a later version of Jack Rest.');
        }
        /** @var array{bench: array{id: int, name: string}, tables: array<string, int>, layout: string} $head */
        $this->head = $head;
        $size = 0;
        for ($entry = 0; $entry < $this->zip->numFiles; $entry++) {
            $size += (int) ($this->zip->statIndex($entry)['size'] ?? 0);
        }
        if ($size > self::MOST_BYTES) {
            throw new RuntimeException('That file is larger than any bench.');
        }
    }

    /** @param  array<mixed>  $head */
    private static function isWhole(array $head): bool
    {
        $bench = is_array($head['bench'] ?? null) ? $head['bench'] : [];

        return is_int($bench['id'] ?? null) && is_string($bench['name'] ?? null) && is_string($head['layout'] ?? null)
            && is_array($head['tables'] ?? null);
    }

    /** What it would bring, in one sentence. */
    public function says(): string
    {
        $records = array_sum($this->head['tables']) - ($this->head['tables']['diary_entries'] ?? 0);

        return "“{$this->head['bench']['name']}”: $records records, ".
            ($this->head['tables']['diary_entries'] ?? 0).' lines of its diary.';
    }

    /** @throws RuntimeException when something of it is not as its layout has it; nothing is brought then */
    public function bring(): Bench
    {
        DB::statement('PRAGMA foreign_keys = OFF');
        $bench = DB::transaction(function (): Bench {
            if (Bench::query()->exists()) {
                throw new RuntimeException('There is a bench here already.');
            }
            $bench = Bench::query()->forceCreate([...$this->head['bench'], 'revision' => 1]);
            foreach ($this->head['tables'] as $table => $count) {
                $this->table($bench, $table, $count);
            }
            $lost = DB::select('PRAGMA foreign_key_check');
            if ($lost !== []) {
                throw new RuntimeException('Records of that file refer to others that it does not have.');
            }
            $user = User::query()->forceCreate([
                'bench_id' => $bench->id, 'name' => 'you', 'unit' => LengthUnit::Millimetre, 'ground' => 'system',
            ]);
            Membership::give($user, $bench, Role::Owner);
            app(Sums::class)->renew($bench);

            return $bench;
        });
        DB::statement('PRAGMA foreign_keys = ON');
        $this->photos();

        return $bench;
    }

    private function table(Bench $bench, string $table, int $count): void
    {
        if (! in_array($table, BenchTables::all(), true)) {
            throw new RuntimeException("That file has a table “{$table}” that this version does not know.");
        }
        $columns = BenchTables::columns($table);
        $lines = explode("\n", rtrim((string) $this->zip->getFromName(BenchFile::table($table)), "\n"));
        $lines = array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
        if (count($lines) !== $count) {
            throw new RuntimeException("That file is not whole: “{$table}” should have $count lines.");
        }
        foreach (array_chunk($lines, 200) as $some) {
            DB::table($table)->insert(array_map(
                static fn (string $line): array => self::row($line, $columns, $bench),
                $some,
            ));
        }
    }

    /**
     * @param  array<string, Column>  $columns
     * @return array<string, mixed>
     */
    private static function row(string $line, array $columns, Bench $bench): array
    {
        $told = (array) json_decode($line, flags: JSON_THROW_ON_ERROR);
        $unknown = array_diff_key($told, $columns);
        if ($unknown !== [] || ($told['bench_id'] ?? null) !== $bench->id) {
            throw new RuntimeException('A line of that file is not as this version has it: '.mb_substr($line, 0, 80));
        }
        $row = [];
        foreach ($columns as $name => $column) {
            if (array_key_exists($name, $told)) {
                $row[$name] = $column->kept($told[$name]);
            }
        }

        return $row;
    }

    private function photos(): void
    {
        @mkdir(PhotoFile::folder(), 0700, true);
        foreach (array_filter(DB::table('photos')->pluck('file')->all(), is_string(...)) as $file) {
            $picture = $this->zip->getFromName(BenchFile::photo($file));
            if (is_string($picture)) {
                file_put_contents(PhotoFile::folder().'/'.basename($file), $picture);
            }
        }
    }
}
