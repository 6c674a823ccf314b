<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Many questions to each calculation with their answers, as they were when each was checked against what stands
 * outside the project: an answer that changes is seen here, wherever the change was made.
 *
 * Written anew by JACKREST_WRITE_WORKED=1 vendor/bin/phpunit core/tests/Calculation/WorkedTest.php; what changes then
 * is to be read, line by line.
 */
final class WorkedTest extends TestCase
{
    private const FOLDER = __DIR__.'/worked';

    private const DIGITS = 9;

    /** Beside the short examples, which leave most of a calculation alone. */
    private const MORE = [
        'honing-plan' => ['{"contactWidthMm":25,"contactLengthMm":1.2,"removeUm":20,"finishUm":2,"scratchRatio":0.25,'
            .'"secondsPerStroke":1.4,"maxStepRatio":5,"abrasives":[{"id":"coarse","particleUm":45,"changeSeconds":40},'
            .'{"id":"middle","particleUm":14,"cutFactor":1.2,"changeSeconds":25},{"id":"fine","particleUm":5,'
            .'"changeSeconds":20},{"id":"finest","particleUm":1.5,"cutFactor":0.8,"changeSeconds":30}]}'],
        'three-edges' => ['{"stationsMm":[0,200,450,700,1000],"abMm":[0,0.12,0.31,0.22,0],"bcMm":[0,0.05,0.11,0.02,0],'
            .'"caMm":[0,-0.1,-0.21,-0.08,0],"shavingMm":0.05}', '{"stationsMm":[20,240,480,720,940],'
            .'"abMm":[0.05,0.12,0.31,0.22,0],"bcMm":[0,0.05,0.11,0.02,0],"caMm":[0.02,-0.1,-0.21,-0.08,0],"turned":'
            .'{"abMm":[0,0.1,0.33,0.2,0.01],"bcMm":[0,0.04,0.12,0.03,0],"caMm":[0.01,-0.12,-0.2,-0.07,0]}}'],
        'straightedge-reversal' => ['{"stationsMm":[0,150,400,650,900],"gapsMm":[0,0.3,0.5,0.24,0],"shavingMm":0.04,'
            .'"toleranceMm":0.15}'],
        'square-reversal' => ['{"bladeLengthMm":300,"farGapsMm":[0.31,0.28,0.36,0.3],"toleranceMm":0.12,'
            .'"shavingMm":0.04,"resolutionMm":0.05}', '{"bladeLengthMm":150,"farGapsMm":[-0.08,-0.06],'
            .'"toleranceMm":0.1,"shavingMm":0.03}'],
        'winding-map' => ['{"boardWidthMm":180,"stickLengthMm":500,"shavingMm":0.05,"stations":['
            .'{"atMm":50,"readingMm":0},{"atMm":300,"readingMm":1.2},{"atMm":550,"readingMm":2.6},'
            .'{"atMm":900,"readingMm":2.1}]}'],
        'shaving-map' => ['{"stationsMm":[0,100,250,400,600],"removeMm":[0.3,0.12,0,0.18,0.41],"shavingMm":0.05}'],
        'kit-plan' => ['{"operations":[{"id":"rip","minGrade":2},{"id":"plane"},{"id":"pare","weight":3}],"tools":['
            .'{"id":"saw","cost":20},{"id":"plane","cost":30,"needs":["stone"]},{"id":"chisel","cost":8,"needs":'
            .'["stone"]},{"id":"stone","cost":12},{"id":"axe","cost":25,"needs":["stone"]}],"methods":[{"operation":'
            .'"rip","tools":["saw"],"grade":4},{"operation":"rip","tools":["axe"],"grade":1},{"operation":"plane",'
            .'"tools":["plane"],"grade":5},{"operation":"plane","tools":["axe"],"grade":2},{"operation":"pare","tools":'
            .'["chisel"],"grade":4}],"owned":["saw"],"budget":45}'],
        'kit-ladder' => ['{"works":[{"id":"box","operations":["rip","pare"]},{"id":"board","operations":["plane"],'
            .'"weight":2}],"tools":[{"id":"saw","cost":20},{"id":"plane","cost":30,"needs":["stone"]},{"id":"chisel",'
            .'"cost":8,"needs":["stone"]},{"id":"stone","cost":12}],"methods":[{"operation":"rip","tools":["saw"],'
            .'"grade":4},{"operation":"plane","tools":["plane"],"grade":5},{"operation":"pare","tools":["chisel"],'
            .'"grade":4}],"owned":[]}'],
        'kit-stages' => ['{"works":[{"id":"box","operations":["rip","pare"]},{"id":"board","operations":["plane"],'
            .'"weight":2}],"tools":[{"id":"saw","cost":20},{"id":"axe","cost":5},{"id":"plane","cost":30,"needs":'
            .'["stone"]},{"id":"chisel","cost":8,"needs":["stone"]},{"id":"stone","cost":12}],"methods":[{"operation":'
            .'"rip","tools":["saw"],"grade":4},{"operation":"rip","tools":["axe"],"grade":1},{"operation":"plane",'
            .'"tools":["plane"],"grade":5},{"operation":"plane","tools":["axe"],"grade":2},{"operation":"pare","tools":'
            .'["chisel"],"grade":4}],"owned":[],"floors":[1,2,4],"budget":60}'],
        'marking-chain' => ['{"steps":[{"marker":"pencil"},{"marker":"knife"},{"marker":"blade-gauge"}],'
            .'"toleranceMm":0.5}'],
        'saw-fit' => ['{"teethPerInch":6,"strokeLengthMm":500,"stockThicknessMm":25,"cutDepthMm":120,"hardness":"soft",'
            .'"sawAngleDeg":60,"plateMm":0.9,"setPerSideMm":0.2}'],
        'auger-check' => ['{"spursMm":16,"twistMm":15.7,"spurHeightMm":1.8,"feedMm":1.6}'],
        'camber' => ['{"ironWidthMm":60,"bedDeg":45,"reliefMm":0.15}'],
        'brace-fit' => ['{"diameterMm":12,"hardness":"hard","sweepsMm":[200,250,300]}'],
        'chisel-fit' => ['{"chiselsMm":[3,6,9,12,18,25],"pinMm":11,"thicknessMm":19,"mortiseMm":7.5}'],
        'wood-movement' => ['{"species":"northern red oak","ringAngleDeg":35,"widthMm":240,"from":'
            .'{"tempC":4,"rhPct":82},"to":{"tempC":21,"rhPct":38},"grainRunoutDeg":3,"lengthMm":900}',
            '{"radialPct":4.1,"tangentialPct":8.3,'
            .'"ringAngleDeg":80,"widthMm":60,"from":{"mcPct":14},"to":{"mcPct":7.5}}'],
        'moisture-course' => ['{"thicknessMm":24,"startMcPct":14,"timeConstantDays":40,"climate":[{"day":0,"tempC":8,'
            .'"rhPct":85},{"day":9,"tempC":14,"rhPct":60},{"day":30,"tempC":19,"rhPct":45}],"untilDay":60}'],
        'saw-template' => ['{"lengthMm":500,"teethPerInch":7}',
            '{"lengthMm":400,"pitchMm":3.2,"toePitchMm":2.1,"toeLengthMm":120}'],
        'kerf-fit' => ['{"plateMm":0.5,"setPerSideMm":0.1,"blades":[{"id":"fret","thicknessMm":0.3,'
            .'"setPerSideMm":0.05},{"id":"coping","thicknessMm":0.5}]}'],
        'shoulder-fit' => ['{"stockThicknessMm":24,"tenonThicknessMm":8,"ironsMm":[15,20,32],"grooveMm":6}'],
        'guide-calibrate' => ['{"rollerDiameterMm":25,"settings":[{"projectionMm":38,"angleDeg":25.2},'
            .'{"projectionMm":31,"angleDeg":29.7},{"projectionMm":26,"angleDeg":34.6}]}'],
        'camber-strokes' => ['{"ironWidthMm":60,"bedDeg":45,"honedDeg":32,"contactLengthMm":0.8,"particleUm":9,'
            .'"radiusMm":250,"places":7,"cutFactor":1.3}'],
        'bent-batten' => ['{"lengthMm":1200,"riseMm":75,"thicknessMm":6,"widthMm":20,"stationsMm":[0,150,300,600,900],'
            .'"elasticGPa":9}'],
        'cutting-geometry' => ['{"bedDeg":12,"orientation":"bevel-up","bevelDeg":33}',
            '{"bedDeg":55,"orientation":"bevel-down","bevelDeg":30,"backBevelDeg":8,"skewDeg":20}'],
        'grit' => ['{"scale":"fepa-p","designation":"400"}', '{"scale":"micron","designation":"9"}'],
        'edge-state' => ['{"condition":"nicked","bladeWidthMm":50,"thicknessMm":2.4,"primaryDeg":25,"secondaryDeg":30,'
            .'"microWidthMm":0.8,"recessionMm":0.4}'],
        'dovetail-layout' => ['{"boardWidthMm":245,"tailBoardMm":22,"pinBoardMm":20,"ratio":7,"halfPinMm":6,"pinMm":4,'
            .'"tailMm":31,"rebateMm":2,"proudMm":0.5,"kerfMm":0.6,"chiselsMm":[3,6,10,19,25]}'],
        'mortise-layout' => ['{"stockMm":40,"railMm":27,"railWidthMm":90,"chiselsMm":[6,8,10,12],"depthMm":40,'
            .'"offsetMm":-3,"shouldersMm":[12,6],"through":true,"bottomMm":3}'],
        'tongue-and-groove' => ['{"panelWidthMm":612,"boardWidthMm":118,"stockMm":19,"pairForMm":25,"tongueMm":6,'
            .'"tongueLongMm":7,"swellPct":1.4}'],
        'recess-setup' => ['{"widthMm":14,"depthMm":9,"fromEdgeMm":0,"grain":"across","stockThicknessMm":20,'
            .'"lengthMm":230,"ironsMm":[6,10,38],"shavingMm":0.15,"fenceMaxMm":45,"fenceUnderSole":true,'
            .'"depthStop":false}', '{"widthMm":19,"depthMm":6,"fromEdgeMm":150,"grain":"across",'
            .'"stockThicknessMm":22,"lengthMm":230,"ironsMm":[19],"shavingMm":0.2,"nickers":true,"skewed":true}'],
        'fence-check' => ['{"frontMm":11.8,"rearMm":12.3,"skateLengthMm":190,"ironMm":3.2,"skateMm":2.9,'
            .'"ironFromFrontMm":75,"targetMm":12,"toleranceMm":0.2}'],
        'bore-turns' => ['{"leadMm":1.4,"screwMm":9,"throughMm":32,"arcDeg":150,"secondsPerTurn":1.8}',
            '{"leadMm":1.4,"screwMm":9,"depthMm":24,"boardMm":30}'],
        'shaving-count' => ['{"fromMm":41.3,"toMm":40,"pack":{"count":12,"thicknessMm":0.74,"resolutionMm":0.02},'
            .'"faces":2,"spreadMm":0.008,"measureMm":0.1,"toleranceMm":0.09,"widthMm":24,"shavingWidthMm":18}'],
    ];

    /** @return iterable<string, array{string}> */
    public static function calculations(): iterable
    {
        foreach (array_keys(EveryCalculationTest::EXAMPLES) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('calculations')]
    public function test_each_answer_is_the_one_that_was_worked(string $name): void
    {
        $text = '';
        foreach ([EveryCalculationTest::EXAMPLES[$name], ...(self::MORE[$name] ?? [])] as $example) {
            self::assertStringStartsNotWith('refused', self::answer($name, $example), $example);
            foreach (Variations::of($name, $example) as $question) {
                $text .= "$question\n    ".self::answer($name, $question)."\n";
            }
        }
        $file = self::FOLDER."/$name.txt";
        if (getenv('JACKREST_WRITE_WORKED') === '1') {
            file_put_contents($file, $text);
        }
        self::assertGreaterThan(2, substr_count($text, "\n"));
        self::assertSame((string) file_get_contents($file), $text);
    }

    private static function answer(string $name, string $question): string
    {
        try {
            $answer = self::rounded(Catalogue::named($name)->answer(json_decode($question)));
        } catch (InvalidInput $refused) {
            return 'refused: '.$refused->errors[0]->field.': '.$refused->errors[0]->message;
        }

        return json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** To fewer digits than two machines could differ in. */
    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::rounded(...), $value),
            is_float($value) => (float) sprintf('%.'.self::DIGITS.'g', $value),
            default => $value,
        };
    }
}
