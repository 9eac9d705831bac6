<?php

declare(strict_types=1);

namespace Ondergrond\Sun;

use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Site\Calendar;

/**
 * The sun on faces through the year: days are clear or covered, so many of each as the months have sunshine. A covered
 * day brings a third of a clear one, all of it scattered: Ångström's 0.25 against 0.25 + 0.50 (FAO-56, equation 35).
 */
final readonly class Sky
{
    public const COVERED = 0.25 / 0.75;

    /** Of the rays, what is scattered onto level ground from a clear sky; and what the ground sends back. Common practice, no source. */
    private const SCATTERED = 0.10;

    private const GROUND = 0.2;

    /** Clear days are spread evenly through a month by the golden ratio. */
    private const GOLDEN = 0.6180339887498949;

    /**
     * @param  float  $latitude  rad
     * @param  list<float>  $sunshine  of the hours with the sun up, the share that it shines; twelve, January first
     */
    private function __construct(
        public float $latitude,
        public array $sunshine,
    ) {}

    /**
     * @param  float  $latitude  °, north positive
     * @param  list<float>  $sunshine  twelve shares
     *
     * @throws FaultyInput for a latitude beyond the poles
     */
    public static function of(float $latitude, array $sunshine): self
    {
        if (abs($latitude) > 90.0) {
            throw FaultyInput::one(Fault::range('/latitude_deg', $latitude, -90.0, 90.0, 'the poles are at 90°'));
        }

        return new self(deg2rad($latitude), $sunshine);
    }

    /** @param  int  $day  of the year, 1 to 365 */
    public function isClear(int $day): bool
    {
        $turn = ($day - 0.5) * self::GOLDEN;

        return $turn - floor($turn) < $this->sunshine[Calendar::date($day - 1)[0] - 1];
    }

    /**
     * Normal to the rays and on level ground from the sky under a clear sky, W/m²: 0.7 to the power AM^0.678 of what
     * comes from outside (Meinel & Meinel 1976), and a tenth of it scattered.
     *
     * @return array{float, float}
     */
    public static function clear(int $day, float $cosZenith): array
    {
        if ($cosZenith <= 0.0) {
            return [0.0, 0.0];
        }
        $beam = Sun::extraterrestrial($day) * 0.7 ** (Sun::airMass($cosZenith) ** 0.678);

        return [$beam, self::SCATTERED * $beam];
    }

    /**
     * On each face, W/m²: rays, and what comes scattered from an even sky (Liu & Jordan 1963) and off the ground.
     *
     * @param  list<Face>  $faces
     * @param  bool|null  $isClear  null: as the month goes
     * @return list<array{float, float, float}> rays, scattered, cosine of the angle at which the rays meet the face
     */
    public function on(array $faces, int $day, float $hour, ?bool $isClear = null): array
    {
        $declination = Sun::declination($day);
        $angle = Sun::hourAngle($hour);
        $up = Sun::cosZenith($this->latitude, $declination, $angle);
        if ($up <= 0.0) {
            return array_fill(0, count($faces), [0.0, 0.0, 0.0]);
        }
        [$beam, $scattered] = self::clear($day, $up);
        if (! ($isClear ?? $this->isClear($day))) {
            [$beam, $scattered] = [0.0, self::COVERED * ($beam * $up + $scattered)];
        }
        $level = $beam * $up + $scattered;

        return array_map(function (Face $f) use ($declination, $angle, $beam, $scattered, $level): array {
            $cos = Sun::cosIncidence($this->latitude, $declination, $angle, $f->tilt, $f->facing);
            $sky = (1 + cos($f->tilt)) / 2;

            return [$beam * max(0.0, $cos), $scattered * $sky + self::GROUND * $level * (1 - $sky), $cos];
        }, $faces);
    }

    /** On level ground over a clear day, J/m². */
    public function clearDay(int $day): float
    {
        $sum = 0.0;
        $level = [Face::level()];
        for ($q = 0; $q < 96; $q++) {
            [[$beam, $scattered]] = $this->on($level, $day, ($q + 0.5) / 4, true);
            $sum += 900 * ($beam + $scattered);
        }

        return $sum;
    }
}
