package cufflink.core.space;

/**
 * A place or direction in space: x to the right, y down, z up from the table towards the viewer, so
 * that a piece lies inside up at z = 0.
 *
 * @param x millimetres
 * @param y millimetres
 * @param z millimetres
 */
public record Vec(double x, double y, double z) {
  /** No way at all. */
  public static final Vec ZERO = new Vec(0, 0, 0);

  /**
   * Adds.
   *
   * @param other the other vector
   * @return the sum
   */
  public Vec plus(Vec other) {
    return new Vec(x + other.x, y + other.y, z + other.z);
  }

  /**
   * Takes away.
   *
   * @param other the other vector
   * @return the difference
   */
  public Vec minus(Vec other) {
    return new Vec(x - other.x, y - other.y, z - other.z);
  }

  /**
   * Stretches.
   *
   * @param factor any number
   * @return the product
   */
  public Vec times(double factor) {
    return new Vec(x * factor, y * factor, z * factor);
  }

  /**
   * Returns the scalar product.
   *
   * @param other the other vector
   * @return square millimetres
   */
  public double dot(Vec other) {
    return x * other.x + y * other.y + z * other.z;
  }

  /**
   * Returns the vector product.
   *
   * @param other the other vector
   * @return a vector square to both, by the right-hand rule
   */
  public Vec cross(Vec other) {
    return new Vec(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
  }

  /**
   * Returns the length.
   *
   * @return millimetres, zero or more
   */
  public double length() {
    return Math.sqrt(dot(this));
  }
}
