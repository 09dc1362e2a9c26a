package dettato.bench.whole;

import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Six hundred children in twenty classes. */
final class Children {
  private Children() {}

  public static void main(String[] args) throws Exception {
    Api api = new Api(args[0]);
    for (int c = 0; c < 20; c++) {
      int of = c;
      String names =
          IntStream.range(0, 30)
              .mapToObj(i -> "\"c" + of + "n" + i + "\"")
              .collect(Collectors.joining(",", "[", "]"));
      api.post(
          "/api/classes",
          "{\"name\":\"Class " + c + "\",\"accent\":\"en-GB\",\"pupils\":" + names + "}");
    }
  }
}
