<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Catalogue;

use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Filing\TriangularFile;
use JackRest\Core\Kit\Article;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolNamer;
use JackRest\Core\Making\BenchHookSizes;
use JackRest\Core\Making\BridleJoint;
use JackRest\Core\Making\MalletSizes;
use JackRest\Core\Making\ShootingBoardSizes;
use JackRest\Core\Making\SlopeTemplateSizes;
use JackRest\Core\Making\SquareSizes;
use JackRest\Core\Making\StraightedgeSizes;
use JackRest\Core\Making\TwinTenons;
use JackRest\Core\Making\WindingSticksSizes;
use JackRest\Core\Measure\DecimalRounding;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Outline\Path;
use JackRest\Core\Rack\StonesOfKind;
use JackRest\Core\School\Questions;
use JackRest\Core\Stall\Checks;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Timber\Species;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Truing\ReferencesOfKind;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use SplFileInfo;

/**
 * Every figure and every word of the tables stands in docs/tables as well, where somebody who knows the trade reads
 * it: a change to either shows there, and is no accident.
 *
 * Written anew by JACKREST_WRITE_TABLES=1 vendor/bin/phpunit core/tests/Catalogue/TablesTest.php.
 */
final class TablesTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../../docs/tables';

    /** @return iterable<string, array{string, callable(): string}> */
    public static function tables(): iterable
    {
        yield 'kinds of tool' => ['kinds-of-tool', static fn (): string => Listing::of(ToolKinds::all())];
        yield 'names of tools' => ['names', self::names(...)];
        yield 'operations' => ['operations', static fn (): string => Listing::of(Operations::all())];
        yield 'rules between tool and work' => ['rules', self::rules(...)];
        yield 'works' => ['works', static fn (): string => Listing::of(Patterns::all())];
        yield 'what to look at at a stall' => ['stall', self::checks(...)];
        yield 'what an edge is given' => ['edges', self::edges(...)];
        yield 'questions of the school' => ['school', static fn (): string => Listing::of(Questions::all())];
        yield 'species' => ['species', static fn (): string => Listing::of(Species::all())];
        yield 'stones, references and files' => ['shop', self::shop(...)];
        yield 'sizes of the plans' => ['plans', self::plans(...)];
        yield 'outlines' => ['outlines', self::outlines(...)];
        yield 'words' => ['words', self::words(...)];
        yield 'figures that have a name' => ['figures', self::figures(...)];
    }

    /** @param  callable(): string  $lists */
    #[DataProvider('tables')]
    public function test_the_table_is_the_one_that_was_read(string $name, callable $lists): void
    {
        $file = self::FOLDER."/$name.txt";
        $text = $lists();
        if (getenv('JACKREST_WRITE_TABLES') === '1') {
            file_put_contents($file, $text);
        }
        self::assertNotSame('', $text);
        self::assertSame((string) file_get_contents($file), $text);
    }

    /** Every condition of every way: its rule, and what comes of it for small, usual and large work. */
    private static function rules(): string
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $works = [
            'small' => Facts::of(5, 20, 4, 150, 3, 4, 10, 0.05, Hardness::Soft),
            'usual' => Facts::of(20, 90, 12, 600, 8, 12, 40, 0.2),
            'large' => Facts::of(90, 400, 70, 2000, 30, 40, 200, 0.5, Hardness::Hard),
        ];
        $text = '';
        foreach (Operations::all() as $operation) {
            foreach ($operation->ways as $way) {
                foreach ($way->conditions as $condition) {
                    $kind = $condition->kind();
                    $text .= "{$operation->id}, {$way->tools()}: {$condition->says($format)}\n";
                    $sizes = $kind === null ? [] : ToolKinds::named($kind)->usualSizes();
                    foreach ($works as $name => $facts) {
                        $holds = $condition->holds($sizes, $facts);
                        $short = $condition->shortfall($sizes, $facts);
                        $text .= "  $name: ".($holds ? 'holds' : json_encode($short, JSON_THROW_ON_ERROR))."\n";
                    }
                }
            }
        }

        return $text;
    }

    /** What a tool is called by its sizes: the usual ones, others, and in inches. */
    private static function names(): string
    {
        $text = '';
        foreach (ToolKinds::all() as $kind) {
            foreach ([LengthUnit::Millimetre, LengthUnit::Inch] as $unit) {
                $namer = new ToolNamer(new LengthFormatter($unit));
                $least = array_map(floatval(...), array_column($kind->dimensions, 'least', 'name'));
                $text .= "{$namer->name($kind, [])} | {$namer->name($kind, $least)}\n";
                $text .= '  '.$namer->plain($kind, $kind->offeredSizes()[0]).'; '.Article::with($kind->name)."\n";
            }
        }

        return $text;
    }

    private static function checks(): string
    {
        $byForm = [];
        foreach (ToolKinds::all() as $kind) {
            $byForm[$kind->form] ??= Checks::of($kind);
        }

        return Listing::of(array_filter($byForm));
    }

    private static function edges(): string
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $edges = array_map(
            static fn (ToolAtHand $tool): array => EdgesOfKind::has($tool->kind)
                ? ['first' => EdgesOfKind::of($tool, $format), 'another' => EdgesOfKind::another($tool, $format)]
                : [],
            self::oneOfEach(),
        );

        return Listing::of(array_filter($edges)).Listing::of(SharpeningSchool::all());
    }

    private static function shop(): string
    {
        $stones = array_map(static fn (ToolAtHand $tool): array => StonesOfKind::of($tool->kind), self::oneOfEach());
        $references = array_map(ReferencesOfKind::of(...), self::oneOfEach());

        return Listing::of(array_filter($stones)).Listing::of(array_filter($references)).
            Listing::of(TriangularFile::all());
    }

    /** @return array<string, ToolAtHand> a tool of its usual size, by kind */
    private static function oneOfEach(): array
    {
        return array_map(
            static fn (ToolKind $kind): ToolAtHand => new ToolAtHand($kind->id, $kind->id, $kind->name),
            ToolKinds::all(),
        );
    }

    private static function plans(): string
    {
        $text = '';
        $classes = [
            BenchHookSizes::class, MalletSizes::class, ShootingBoardSizes::class, SlopeTemplateSizes::class,
            SquareSizes::class, StraightedgeSizes::class, WindingSticksSizes::class,
        ];
        foreach ($classes as $class) {
            $text .= Listing::ofFunctions($class, [[20.0, 12.0], [75.0, 30.0], [240.0, 60.0], [700.0, 150.0]]);
        }
        $squares = [
            'small' => new SquareSizes(100, 30, 8, 90, 28, 14),
            'usual' => new SquareSizes(250, 50, 12, 160, 42, 22),
            'large' => new SquareSizes(400, 60, 14, 260, 60, 40),
        ];
        foreach ($squares as $name => $square) {
            $text .= Listing::ofObject("$name square", $square).
                Listing::ofObject("$name square, bridle joint", new BridleJoint($square)).
                Listing::ofObject("$name square, twin tenons", new TwinTenons($square));
        }
        $others = [
            'bench hook' => new BenchHookSizes(250, 150, 40, 35),
            'mallet' => new MalletSizes(150, 90, 65, 260, 32),
            'tall mallet' => new MalletSizes(180, 120, 70, 300, 40),
            'shooting board' => new ShootingBoardSizes(300, 75, 320, 45),
            'slope template' => new SlopeTemplateSizes(8.13, 60, 55, 25),
            'steep slope template' => new SlopeTemplateSizes(14.04, 90, 80, 30),
            'straightedge' => new StraightedgeSizes(900, 50, 25, 5, 25),
            'short straightedge' => new StraightedgeSizes(500, 60, 25, 4, 20),
            'winding sticks' => new WindingSticksSizes(180, 400, 40, 18, 6),
        ];
        foreach ($others as $name => $sizes) {
            $text .= Listing::ofObject($name, $sizes);
        }

        return $text;
    }

    /** Each form at its usual sizes and, where it has any, at others; the points in tenths of a millimetre. */
    private static function outlines(): string
    {
        $text = '';
        $forms = array_column(ToolKinds::all(), 'dimensions', 'form') + ['no such form' => []];
        foreach ($forms as $form => $dimensions) {
            $least = array_column($dimensions, 'least', 'name');
            foreach ([[], $least, array_column($dimensions, 'most', 'name')] as $of) {
                $outline = Outlines::of($form, array_map(floatval(...), $of));
                $text .= sprintf("%s %g by %g\n", $form, round($outline->width, 1), round($outline->height, 1));
                foreach ([...$outline->bodies, ...$outline->details] as $path) {
                    $text .= '  '.self::points($path)."\n";
                }
                foreach ($outline->marks as $mark) {
                    $text .= Listing::of(['  mark' => $mark]);
                }
            }
        }
        $turned = Outlines::of('no such form', ['length' => 80.0, 'width' => 30.0])->moved(5.0, 7.0)->turned();

        return $text.'turned: '.self::points($turned->bodies[0])."\n";
    }

    private static function points(Path $path): string
    {
        $written = static fn (array $points): string => implode(' ', array_map(
            static fn (array $point): string => DecimalRounding::to($point[0], 1).','.DecimalRounding::to($point[1], 1),
            $points,
        ));

        return $written($path->points).($path->isClosed ? ' closed' : '').
            implode('', array_map(static fn (array $hole): string => ' hole '.$written($hole), $path->holes));
    }

    private static function words(): string
    {
        $enums = [];
        foreach (self::classes() as $class) {
            if (enum_exists($class)) {
                $enums[$class] = Listing::ofEnum($class);
            }
        }

        return implode("\n", $enums);
    }

    /** Every figure that has a name: limits, what is taken for usual, how long is searched. */
    private static function figures(): string
    {
        $text = '';
        foreach (self::classes() as $class) {
            $named = [];
            foreach ((new ReflectionClass($class))->getReflectionConstants() as $constant) {
                if ($constant->getDeclaringClass()->getName() === $class && ! $constant->isEnumCase()) {
                    $named[$constant->getName()] = $constant->getValue();
                }
            }
            $text .= $named === [] ? '' : Listing::of([substr($class, strlen('JackRest\\Core\\')) => $named]);
        }

        return $text;
    }

    /** @return list<class-string> of the core, in alphabetical order */
    private static function classes(): array
    {
        $source = (string) realpath(__DIR__.'/../../src');
        $classes = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($source)) as $file) {
            $path = substr($file->getPathname(), strlen($source) + 1, -strlen('.php'));
            $class = 'JackRest\\Core\\'.str_replace('/', '\\', $path);
            if ($file->getExtension() === 'php' && (class_exists($class) || interface_exists($class))) {
                $classes[] = $class;
            }
        }
        sort($classes);

        return $classes;
    }
}
