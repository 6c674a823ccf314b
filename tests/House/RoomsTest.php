<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Who may call whom: see docs/architecture.md. */
final class RoomsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** @return iterable<string, array{string}> */
    public static function coreFiles(): iterable
    {
        yield from self::files('core/src');
    }

    /** @return iterable<string, array{string}> */
    public static function deskFiles(): iterable
    {
        yield from self::files('desk/src');
    }

    #[DataProvider('coreFiles')]
    #[DataProvider('deskFiles')]
    public function test_core_and_desk_know_neither_framework_nor_world(string $file): void
    {
        $code = self::code($file);

        self::assertDoesNotMatchRegularExpression(
            '/\b(Illuminate|Laravel|Symfony|App|Carbon|Demo|Bench)\\\\/',
            $code,
            'the framework or the application',
        );
        self::assertDoesNotMatchRegularExpression(
            '/(?<![>:\w])(?:file_\w+|fopen|'
                .'fwrite|echo|print|curl_\w+|exec|shell_exec|getenv|date|time|microtime|rand|random_\w+)\s*\(/',
            $code,
            'input, output, clock or chance',
        );
        self::assertDoesNotMatchRegularExpression('/\$_(GET|POST|SERVER|ENV|COOKIE)/', $code, 'the request');
    }

    public function test_no_two_classes_share_a_name(): void
    {
        $files = array_merge(...array_map(
            static fn (string $folder): array => array_column(iterator_to_array(self::files($folder), false), 0),
            ['core/src', 'desk/src', 'app'],
        ));
        self::assertGreaterThan(900, count($files));
        $times = array_count_values(array_map(basename(...), $files));

        self::assertSame([], array_filter($times, static fn (int $count): bool => $count > 1));
    }

    #[DataProvider('coreFiles')]
    public function test_the_core_uses_only_itself(string $file): void
    {
        self::assertUsesOnly($file, ['JackRest\\Core\\']);
    }

    #[DataProvider('deskFiles')]
    public function test_the_desk_uses_only_itself_and_the_core(string $file): void
    {
        self::assertUsesOnly($file, ['JackRest\\Core\\', 'JackRest\\Desk\\']);
    }

    /** @param  list<string>  $rooms  what a class of this file may be written with, beside PHP's own */
    private static function assertUsesOnly(string $file, array $rooms): void
    {
        preg_match_all('/^use (?:function )?([\w\\\\]+)/m', self::code($file), $uses);
        $foreign = array_filter($uses[1], static function (string $class) use ($rooms): bool {
            $own = array_filter($rooms, static fn (string $room): bool => str_starts_with($class, $room));

            return str_contains($class, '\\') && $own === [];
        });

        self::assertSame([], array_values($foreign));
    }

    /** @return iterable<string, array{string}> */
    public static function controllers(): iterable
    {
        foreach (self::files('app') as $file => $case) {
            if (str_ends_with($file, 'Controller.php')) {
                yield $file => $case;
            }
        }
    }

    #[DataProvider('controllers')]
    public function test_controllers_reach_records_through_the_bench_only(string $file): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/\b(Tool|Edge|Stone|Reference|ReferenceTest|BenchSession|DiaryEntry|Work|KitSettings|'
                .'StrokeCount|Guide|Blank|Making|LookOver|ShadowBoard)::(query|find|where|all|create)/',
            self::code($file),
        );
    }

    #[DataProvider('controllers')]
    public function test_controllers_write_through_the_ledger_only(string $file): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/->(save|update|delete|create|forceDelete)\(/',
            str_replace(
                ['$changes->', '$ledger->', '$user->fill($request->preferences($format))->save()'],
                ['$changes::', '$ledger::', ''],
                self::code($file),
            ),
        );
    }

    /** @return iterable<string, array{string}> */
    private static function files(string $folder): iterable
    {
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::ROOT.$folder)) as $file) {
            if ($file->getExtension() === 'php') {
                $path = substr((string) $file->getRealPath(), strlen((string) realpath(self::ROOT)) + 1);
                yield $path => [$path];
            }
        }
    }

    private static function code(string $file): string
    {
        return (string) preg_replace(
            '~/\*.*?\*/|//[^\n]*~s',
            '',
            (string) file_get_contents(self::ROOT.$file),
        );
    }
}
